/// The Write view: the rail and the page on which a solution is written.
///
/// Knows the desk, the page and its own two rooms; no other view.
///
/// An editor on the page is one of BlockViews.Editors.
package lehrgang.desktop.write;
