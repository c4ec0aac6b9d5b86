/// Tables in and out: what is pasted or imported, and what is copied or exported.
///
/// Knows tables, pages and files.
///
/// A new layout of a table that arrives gets a reader of its own.
package lehrgang.documents.table;
