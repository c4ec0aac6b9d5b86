/// Controls and helpers that know nothing of solutions, the style classes, and work beside the
/// window.
///
/// Knows the toolkit, and the problems that files can have.
///
/// A control that two rooms need comes here.
package lehrgang.desktop.kit;
