/// Sheets as text documents in ODF, for whoever wants to edit on: headings, tables, formulas as
/// objects, figures as vectors.
///
/// Knows what is ordered, figures, and the widths of formulas.
///
/// Another part of a sheet is written here.
package lehrgang.documents.handout.odt;
