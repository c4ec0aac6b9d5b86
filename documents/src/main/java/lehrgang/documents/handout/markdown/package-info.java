/// Sheets as Markdown: tables, formulas in the markup of TeX, figures beside it.
///
/// Knows what is ordered, and figures.
///
/// Another part of a sheet is written here.
package lehrgang.documents.handout.markdown;
