/// Fit of counts 0, 1, 2, … to a named distribution.
///
/// Knows the parts, and no other family.
///
/// Another distribution of whole numbers is a [DistributionLaw].
package lehrgang.core.procedure.named;
