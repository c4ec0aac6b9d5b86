/// Records, the steps of a recipe, and the table that counting makes of them.
///
/// Knows tables and sentences; a file of records is the business of the documents.
///
/// A new step is a RecipeStep with a Stage that carries it out.
package lehrgang.core.cases;
