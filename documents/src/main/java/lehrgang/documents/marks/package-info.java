/// Answers of a class as they come, and marks as they go out.
///
/// Knows files, and what core makes of answers; no pages.
package lehrgang.documents.marks;
