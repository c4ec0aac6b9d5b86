package lehrgang.core.procedure.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.solution.Story;
import lehrgang.core.solution.StudyDesign;

/// What the design of the study requires of the data, how far it lets a conclusion reach, and what
/// may be said of a cause.
///
/// @param say the sentences of the page
public record StudySentences(Sentences say) {
  private Story story() {
    return say.story();
  }

  /// What is required of the data besides what the table can show.
  ///
  /// @param kind the ending of the key where no design is told
  public List<Block> required(String kind) {
    List<Block> blocks = new ArrayList<>();
    blocks.add(
        story()
            .design()
            .map(design -> say.prose("conditions.study." + design.key()))
            .orElseGet(() -> say.prose("conditions.design." + kind)));
    if (kind.equals("pairs") && story().design().isPresent()) {
      blocks.add(say.prose("conditions.study.pairs"));
    }
    if (!story().dependence().isEmpty()) {
      blocks.add(
          new Block.Remark(
              Tone.NOTE, say.phrase("conditions.dependence").with("sentence", told())));
    }
    return blocks;
  }

  private String told() {
    String sentence = story().dependence();
    return sentence.matches(".*[.!?…。]$") ? sentence : sentence + ".";
  }

  /// How far the conclusion reaches, where the units are no random sample.
  public Optional<Block> scope() {
    return story()
        .design()
        .filter(design -> design == StudyDesign.COMPLETE_COUNT || design == StudyDesign.NOT_RANDOM)
        .map(design -> say.remark(Tone.NOTE, "conclusion.scope." + design.key()));
  }

  /// What may be said of a cause once an association was found.
  ///
  /// @param kind the ending of the keys; empty for columns of a table
  public Block cause(String kind) {
    boolean known = story().design().isPresent();
    boolean assigned = story().design().filter(StudyDesign.EXPERIMENT::equals).isPresent();
    String told = assigned ? "conclusion.cause" : "conclusion.no-cause";
    return say.remark(Tone.NOTE, (known ? told : "conclusion.not-cause") + kind);
  }

  /// The remarks on scope and, after a rejection, on cause.
  ///
  /// @param kind the ending of the keys of the remark on cause; empty optional where no groups are
  ///     compared
  public List<Block> remarks(Decided decided, Optional<String> kind) {
    List<Block> blocks = new ArrayList<>();
    if (decided.rejects()) {
      kind.map(this::cause).ifPresent(blocks::add);
    }
    scope().ifPresent(blocks::add);
    return blocks;
  }
}
