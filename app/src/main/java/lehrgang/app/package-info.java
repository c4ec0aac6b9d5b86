/// The command line and the start of the program.
///
/// Knows everything.
///
/// A new command is a class of its own; a procedure's options come from the procedure.
package lehrgang.app;
