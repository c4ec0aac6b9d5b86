/// What is accepted of a student's answer.
///
/// Knows derivations and their readings; no pages.
///
/// Answers as written, verdicts and slips go here.
package lehrgang.core.marking;
