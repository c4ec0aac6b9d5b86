/// Colours and fonts of the house: what window, sheet, figure and print take theirs from.
///
/// Knows nothing of solutions.
///
/// A new colour or font goes here, with its licence beside the font.
package lehrgang.documents.look;
