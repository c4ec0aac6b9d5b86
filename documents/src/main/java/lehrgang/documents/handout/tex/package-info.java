/// Sheets as TeX, to be compiled with standard packages.
///
/// Knows what is ordered, figures, and the widths of formulas.
///
/// Another part of a sheet is written here.
package lehrgang.documents.handout.tex;
