/// Files as a whole, and the sentences about what goes wrong with them.
///
/// Knows no other room.
///
/// What every file needs goes here; what one sort of file needs goes where that sort is read.
package lehrgang.documents.file;
