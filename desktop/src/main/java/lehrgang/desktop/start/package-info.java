/// Where a solution begins.
///
/// Knows the desk and the kit; no other view.
///
/// What becomes of a choice is told to its Use.
package lehrgang.desktop.start;
