/// Figures as shapes, the same ones for screen, sheet and print.
///
/// Knows what a page says of a figure; no toolkit.
///
/// A new figure is a FigureSpec with a drawing of its own.
package lehrgang.documents.figure;
