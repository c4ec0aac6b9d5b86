/// The view in which a solution is handed out: the pages as they are printed, beside what can be
/// chosen about them.
///
/// Knows the desk and the forms of sheets; no other view.
///
/// Another choice is a field of SheetChoices, shown here.
package lehrgang.desktop.handout;
