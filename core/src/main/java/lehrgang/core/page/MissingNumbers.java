package lehrgang.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.Reason;
import lehrgang.core.number.Kind;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;

/// Says in words why numbers are missing, each once in a step.
final class MissingNumbers {
  private final Numerals numerals;
  private final ChainSetter chains;
  private final Set<String> said = new TreeSet<>();

  MissingNumbers(Numerals numerals, ChainSetter chains) {
    this.numerals = numerals;
    this.chains = chains;
  }

  /// Whether a line has no value though nothing hides it.
  boolean isMissing(LineId id) {
    return numerals.values().reason(id).filter(r -> !(r instanceof Reason.Withheld)).isPresent();
  }

  /// Why a line has no value, as far as it was not said before; nothing for one that has.
  List<PageBlock> remarks(LineId id) {
    Evaluation values = numerals.values();
    List<PageBlock> remarks = new ArrayList<>();
    if (isMissing(id) && said.add(id.toString())) {
      LineId origin = values.origin(id);
      if (!origin.equals(id)) {
        boolean decides = numerals.line(id).kind() == Kind.DECISION;
        add(
            Phrase.of(decides ? "missing.decision" : "missing.follows")
                .with("symbol", numerals.symbol(id))
                .with("source", numerals.symbol(origin)),
            remarks);
      }
      if (origin.equals(id) || said.add(origin.toString())) {
        sentence(origin).ifPresent(phrase -> add(phrase, remarks));
      }
    }
    return remarks;
  }

  /// Why a line has no value, in one text.
  String inWords(LineId id) {
    return remarks(id).stream()
        .map(remark -> remark instanceof PageBlock.Remark(_, _, var spans) ? Span.plain(spans) : "")
        .collect(Collectors.joining(" "));
  }

  private void add(Phrase phrase, List<PageBlock> remarks) {
    remarks.add(
        new PageBlock.Remark(
            Block.Tone.WARNING, numerals.template(phrase), numerals.spans(phrase)));
  }

  private Optional<Phrase> sentence(LineId id) {
    return numerals
        .values()
        .reason(id)
        .flatMap(
            reason ->
                switch (reason) {
                  case Reason.Impossible(var cause, var part) ->
                      Optional.of(
                          Phrase.of("missing." + cause.key())
                              .with("symbol", numerals.symbol(id))
                              .with("part", new Phrase.Set(chains.inSymbols(part))));
                  case Reason.WithoutSource(var source) ->
                      Optional.of(
                          Phrase.of("missing.source")
                              .with("symbol", numerals.symbol(id))
                              .with("source", source.toString()));
                  case Reason.Follows _, Reason.Withheld _ -> Optional.empty();
                });
  }
}
