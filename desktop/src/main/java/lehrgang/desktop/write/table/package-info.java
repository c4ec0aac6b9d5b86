/// The table as it is typed, on the page.
///
/// Knows the desk, the page and the kit.
///
/// A new form of table is arranged in TableSheet.
package lehrgang.desktop.write.table;
