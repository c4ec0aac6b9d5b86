/// The window, its faces, and the way from one to the other.
///
/// Knows every view, and nobody knows it but the command line.
///
/// A new view is a face here.
package lehrgang.desktop.window;
