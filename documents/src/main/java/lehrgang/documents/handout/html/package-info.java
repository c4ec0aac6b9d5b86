/// The sheet as one web page.
///
/// Knows what is ordered, and figures.
///
/// Another part of a page becomes elements here.
package lehrgang.documents.handout.html;
