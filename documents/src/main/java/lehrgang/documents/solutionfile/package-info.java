/// Solution files: reading them whatever wrote them, and writing them so that nothing unknown is
/// lost.
///
/// Knows solutions and files.
///
/// A new part of a solution is bound here, and described in the schema.
package lehrgang.documents.solutionfile;
