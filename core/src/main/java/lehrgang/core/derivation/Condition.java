package lehrgang.core.derivation;

import lehrgang.core.expr.LineId;
import lehrgang.core.wording.Phrase;

/// What must hold for the curve to be a fair model.
///
/// @param name   its stable name
/// @param line   1 where it holds
/// @param detail the reason in words
public record Condition(String name, LineId line, Phrase detail) {}
