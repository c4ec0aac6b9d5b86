/// A derivation as text and as data.
///
/// Knows pages.
///
/// A new textual form goes here.
package lehrgang.documents.report;
