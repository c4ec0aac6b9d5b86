/// The exact test of a fourfold table.
///
/// Knows the parts, and no other family.
///
/// What another family needs too belongs into the parts.
package lehrgang.core.procedure.exact;
