/// How a table was counted from records, step by step, on the page.
///
/// Knows the desk and the kit.
///
/// A new sort of step has its own StepFields.
package lehrgang.desktop.write.recipe;
