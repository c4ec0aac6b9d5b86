/// A formula as boxes, and the readings of those: plain text, MathML, TeX and speech.
///
/// Knows formulas and numbers.
///
/// A new reading of a formula goes here; what places boxes on a page does not.
package lehrgang.core.notation;
