/// Formulas as trees, and what they come to: a value, a range or a reason why there is none.
///
/// Knows numbers only.
///
/// A new operation is a node of Expr; a function with a working of its own is a NamedFunction.
package lehrgang.core.expr;
