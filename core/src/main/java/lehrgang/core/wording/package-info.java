/// Sentences: phrases with gaps, and the words of a language or of the instructor that fill them.
///
/// Knows lines and boxes, which stand in sentences.
///
/// A new sentence is a key in the bundle, filled where it is said.
package lehrgang.core.wording;
