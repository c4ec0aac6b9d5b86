/// Areas, probabilities and critical values, each with its written-out working.
///
/// Knows formulas and numbers; no procedure.
///
/// A new distribution is a NamedFunction with its objections, its working and a second opinion.
package lehrgang.core.distribution;
