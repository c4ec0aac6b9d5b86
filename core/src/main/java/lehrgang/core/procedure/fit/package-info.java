/// Goodness of fit to stated shares.
///
/// Knows the parts, and no other family.
///
/// What another family needs too belongs into the parts.
package lehrgang.core.procedure.fit;
