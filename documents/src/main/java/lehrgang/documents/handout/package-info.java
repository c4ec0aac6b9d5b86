/// The sheet that a class gets, as one file.
///
/// Knows pages and figures.
///
/// A new form of hand-out goes here, made from the same page.
package lehrgang.documents.handout;
