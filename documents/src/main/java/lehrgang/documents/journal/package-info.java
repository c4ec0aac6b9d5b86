/// What is done to an open solution, written down as it happens, so that a kill of the program
/// costs nothing.
///
/// Knows files, and solutions only as texts.
///
/// Another thing that can happen to an open solution is another [Entry].
package lehrgang.documents.journal;
