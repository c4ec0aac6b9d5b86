/// What a procedure is, the registry of them all, and changes to a solution. This package is all
/// that other modules see of the procedures.
///
/// Knows everything below it, and no family.
///
/// A new procedure is a room of its own beside this one, named in the services file.
package lehrgang.core.procedure;
