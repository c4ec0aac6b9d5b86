/// Text in lines of fields: what stands between fields and around them.
///
/// Knows the library that takes such text apart.
package lehrgang.documents.delimited;
