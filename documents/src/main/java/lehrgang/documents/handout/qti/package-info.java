/// Sheets as questions for learning platforms, in the open format QTI 3.0.
package lehrgang.documents.handout.qti;
