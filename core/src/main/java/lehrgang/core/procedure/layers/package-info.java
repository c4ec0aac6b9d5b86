/// Association within every layer of a third variable.
///
/// Knows the parts, and no other family.
///
/// What another family needs too belongs into the parts.
package lehrgang.core.procedure.layers;
