/// Numbers and how they are shown: fractions, decimals, ranges, and the sort of number that a line
/// is.
///
/// Knows no other room.
///
/// A new way to write a number goes into NumberStyle, a new sort of number into Kind.
package lehrgang.core.number;
