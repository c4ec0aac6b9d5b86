/// A file of data as it arrives, before it is taken.
///
/// Knows the kit; no other view.
///
/// What becomes of the file is told to its Use.
package lehrgang.desktop.records;
