/// Pages of paper: text, formulas, tables and pictures put one below another, broken into pages,
/// and written as tagged PDF.
///
/// Knows formulas, figures and fonts; nothing of solutions.
///
/// A new kind of thing on paper is a slab or several; where a page may break is said by its keep.
package lehrgang.documents.paper;
