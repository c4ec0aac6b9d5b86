/// Files of records: texts and sheets of workbooks, how they are written, and counting them.
///
/// Knows recipes, tables and files.
///
/// A new sort of file is a CaseSource.
package lehrgang.documents.cases;
