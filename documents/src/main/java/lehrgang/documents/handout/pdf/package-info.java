/// Sheets as PDF: the blocks of a page set on paper.
///
/// Knows what is ordered, and paper.
///
/// Another part of a page is set on paper here.
package lehrgang.documents.handout.pdf;
