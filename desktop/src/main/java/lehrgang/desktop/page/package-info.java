/// The blocks of a page as live nodes, the trace and the verdict.
///
/// Knows the desk and the kit; no view.
///
/// A new block gets a view of its own, chosen in BlockViews.
package lehrgang.desktop.page;
