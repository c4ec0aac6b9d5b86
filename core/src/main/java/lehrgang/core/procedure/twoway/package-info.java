/// Independence and homogeneity of a two-way table.
///
/// Knows the parts, and no other family.
///
/// What another family needs too belongs into the parts.
package lehrgang.core.procedure.twoway;
