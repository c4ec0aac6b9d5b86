/// Tables drawn by chance, with a seed, and their statistics.
///
/// Knows formulas, by which a statistic is worked out.
///
/// A new way to draw is an Experiment.Draw.
package lehrgang.core.simulation;
