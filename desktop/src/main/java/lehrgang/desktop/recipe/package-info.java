/// How a table is counted from records, step by step: on the page, and before it is first counted.
///
/// Knows the desk and the kit.
///
/// A new sort of step has its own StepFields.
package lehrgang.desktop.recipe;
