/// The graph of lines, its readings, and the blocks of which a page is laid out.
///
/// Knows formulas, sentences and tables; no procedure.
///
/// A new way to read the graph is a Reading; a new thing on a page is a Block.
package lehrgang.core.derivation;
