package lehrgang.core.procedure.parts;

import java.util.HashMap;
import java.util.Map;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Story;
import lehrgang.core.wording.Phrase;

/// Sentences whose usual gaps are filled: the names of the variables, n, and the like.
///
/// @param usual what fills gaps of these names in every sentence
/// @param story what was told of the data; it decides which sentences are said
public record Sentences(Map<String, Phrase.Filling> usual, Story story) {
  /// With more gaps filled.
  public Sentences and(Map<String, Phrase.Filling> more) {
    Map<String, Phrase.Filling> all = new HashMap<>(usual);
    all.putAll(more);
    return new Sentences(all, story);
  }

  /// A sentence, with the gaps filled that all of the procedure's sentences share.
  public Phrase phrase(String key) {
    return Phrase.of(key).with(usual);
  }

  /// The line that stands for a closed step.
  public Phrase summary(String step) {
    return phrase("summary." + step);
  }

  /// A paragraph.
  public Block.Prose prose(String key) {
    return new Block.Prose(phrase(key));
  }

  /// What a p-value means, with a gap for the share of samples.
  public Block.Prose meaning(String key, LineId p) {
    return new Block.Prose(phrase(key).with("samples", new Phrase.InSamples(p)));
  }

  /// A remark.
  public Block.Remark remark(Tone tone, String key) {
    return new Block.Remark(tone, phrase(key));
  }
}
