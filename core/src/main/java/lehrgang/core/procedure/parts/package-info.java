/// Formulas, lines and steps that several families share.
///
/// Knows no family.
///
/// What two families need is moved here; a formula is written once, in Formulas.
package lehrgang.core.procedure.parts;
