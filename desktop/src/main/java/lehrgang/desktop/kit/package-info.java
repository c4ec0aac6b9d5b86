/// Controls and helpers that know nothing of solutions, and the style classes.
///
/// Knows the toolkit.
///
/// A control that two rooms need comes here.
package lehrgang.desktop.kit;
