/// What is current: the open solution with its history, what it was worked out to, the selection
/// and the notices.
///
/// Knows the kit; no view.
///
/// What can change goes into the part to which it belongs; a view takes only that part.
package lehrgang.desktop.desk;
