/// The immutable record of a worked solution: question, data, procedure and choices.
///
/// Knows tables, recipes and decimals.
///
/// What an instructor can choose goes into Choices, or is declared by a procedure as a
/// ProcedureOption.
package lehrgang.core.solution;
