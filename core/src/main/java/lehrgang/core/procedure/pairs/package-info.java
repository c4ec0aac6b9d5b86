/// Two answers of the same subjects.
///
/// Knows the parts, and no other family.
///
/// What another family needs too belongs into the parts.
package lehrgang.core.procedure.pairs;
