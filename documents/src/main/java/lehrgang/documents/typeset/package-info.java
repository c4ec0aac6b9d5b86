/// Formulas as marks around a baseline, placed with the widths of the shipped fonts: what window
/// and print both paint.
///
/// Knows formulas and fonts; no toolkit.
///
/// A new kind of box is set here, once for every surface.
package lehrgang.documents.typeset;
