package lehrgang.app;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.core.data.TableEntry;
import lehrgang.core.number.Decimals;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.ProcedureOption.OneOf;
import lehrgang.core.solution.ProcedureOption.Setting;
import lehrgang.core.solution.ProcedureOption.Typed;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.ParseResult;

/// The options that the procedures declare, as flags. Each procedure takes its own and refuses the
/// others.
final class ProcedureFlags {
  private static final Wording WORDING = Wording.english();

  private final ParseResult given;
  private final Procedure procedure;

  private ProcedureFlags(ParseResult given, Procedure procedure) {
    this.given = given;
    this.procedure = procedure;
  }

  /// Gives a command the flags of procedures.
  static void addTo(CommandSpec command, List<Procedure> procedures) {
    Map<String, List<Procedure>> takers = new LinkedHashMap<>();
    Map<String, ProcedureOption> first = new LinkedHashMap<>();
    for (Procedure procedure : procedures) {
      for (ProcedureOption option : procedure.options()) {
        takers.computeIfAbsent(option.flag(), _ -> new ArrayList<>()).add(procedure);
        first.putIfAbsent(option.flag(), option);
      }
    }
    first.forEach(
        (flag, option) -> {
          command.addOption(spec(option, takers.get(flag), procedures.size()));
          switches(option)
              .keySet()
              .forEach(name -> command.addOption(switchSpec(name, takers.get(flag))));
        });
  }

  private static Map<String, String> switches(ProcedureOption option) {
    return option instanceof OneOf oneOf ? oneOf.switches() : Map.of();
  }

  private static OptionSpec switchSpec(String name, List<Procedure> takers) {
    List<String> ids =
        takers.stream()
            .filter(
                taker ->
                    taker.options().stream().anyMatch(option -> switches(option).containsKey(name)))
            .map(Procedure::id)
            .toList();
    return OptionSpec.builder("--" + name)
        .description(
            Messages.text(
                    Phrase.of("flags.of")
                        .with("procedures", Phrase.listed(ids, "list.comma"))
                        .with("sentence", WORDING.text("flag." + name)))
                .replace("%", "%%"))
        .type(boolean.class)
        .arity("0")
        .build();
  }

  private static OptionSpec spec(ProcedureOption option, List<Procedure> takers, int all) {
    OptionSpec.Builder spec =
        OptionSpec.builder("--" + option.flag()).description(description(option, takers, all));
    return takesValue(option)
        ? spec.type(String.class)
            .arity("1")
            .paramLabel(WORDING.text("flag." + option.flag() + ".label"))
            .build()
        : spec.type(boolean.class).arity("0").build();
  }

  private static boolean takesValue(ProcedureOption option) {
    return !(option instanceof OneOf oneOf) || oneOf.sets().isEmpty();
  }

  /// What it is for, the procedures that take it, and its usual value.
  private static String description(ProcedureOption option, List<Procedure> takers, int all) {
    String words = WORDING.text("flag." + option.flag());
    if (takers.size() < all) {
      words =
          Messages.text(
              Phrase.of("flags.of")
                  .with(
                      "procedures",
                      Phrase.listed(takers.stream().map(Procedure::id).toList(), "list.comma"))
                  .with("sentence", words));
    }
    if (takesValue(option) && !isRequired(option) && !option.usual().isEmpty()) {
      words =
          Messages.text(
              Phrase.of("flags.usual").with("sentence", words).with("value", option.usual()));
    }
    return words.replace("%", "%%");
  }

  private static boolean isRequired(ProcedureOption option) {
    return option instanceof Typed typed && typed.need() == ProcedureOption.Need.ASKED_FOR;
  }

  /// The flags that were given, for a procedure.
  ///
  /// @param procedures those whose flags the command has
  /// @throws Complaint if one of them is another procedure's, or has a value that is not on offer
  static ProcedureFlags of(ParseResult given, Procedure procedure, List<Procedure> procedures) {
    ProcedureFlags flags = new ProcedureFlags(given, procedure);
    flags.refuseOthers(procedures);
    procedure.options().forEach(flags::check);
    return flags;
  }

  private void check(ProcedureOption option) {
    if (isGiven(option)
        && option instanceof OneOf oneOf
        && !oneOf.values().contains(value(option))) {
      throw new Complaint(
          Phrase.of("wrong-value")
              .with("option", "--" + oneOf.flag())
              .with("value", value(option))
              .with("choice", Phrase.listed(oneOf.values(), "list.or")));
    }
  }

  private boolean isGiven(ProcedureOption option) {
    return given.hasMatchedOption("--" + option.flag()) || switchOf(option).isPresent();
  }

  /// The value whose own flag was given.
  private Optional<String> switchOf(ProcedureOption option) {
    return switches(option).entrySet().stream()
        .filter(one -> given.hasMatchedOption("--" + one.getKey()))
        .map(Map.Entry::getValue)
        .findFirst();
  }

  /// The flag by which an option was set.
  private String flagGiven(ProcedureOption option) {
    return flags(option)
        .filter(flag -> given.hasMatchedOption("--" + flag))
        .findFirst()
        .orElse(option.flag());
  }

  private static Stream<String> flags(ProcedureOption option) {
    return Stream.concat(Stream.of(option.flag()), switches(option).keySet().stream());
  }

  private void refuseOthers(List<Procedure> procedures) {
    List<String> own = procedure.options().stream().flatMap(ProcedureFlags::flags).toList();
    procedures.stream()
        .flatMap(other -> other.options().stream())
        .flatMap(ProcedureFlags::flags)
        .filter(flag -> given.hasMatchedOption("--" + flag) && !own.contains(flag))
        .findFirst()
        .ifPresent(flag -> refuse("--" + flag, procedure));
  }

  /// Refuses a flag with those that the procedure takes.
  static void refuse(String flag, Procedure procedure) {
    List<String> own =
        procedure.options().stream()
            .flatMap(ProcedureFlags::flags)
            .map(name -> "--" + name)
            .toList();
    throw new Complaint(
        Phrase.of("flags.foreign")
            .with("option", flag)
            .with("procedure", procedure.id())
            .with("choice", Phrase.listed(own, "list.and")));
  }

  /// The choices that the flags make.
  ///
  /// @param table that they are made for
  /// @throws Complaint if one that the procedure needs is missing, or there is nothing to choose
  ///     for this table
  Choices choices(TableEntry table, Optional<Integer> decimals, Optional<Integer> onTheWay) {
    Choices choices = Choices.usual();
    for (ProcedureOption option : procedure.options()) {
      if (isGiven(option)) {
        choices = chosen(choices, option, table);
      } else if (isRequired(option)) {
        throw new Complaint(
            Phrase.of("data.needs")
                .with("procedure", procedure.id())
                .with("option", "--" + option.flag())
                .with("form", WORDING.text("flag." + option.flag() + ".label")));
      }
    }
    return choices
        .withDecimals(decimals.map(Decimals.usual()::withAll).orElse(Decimals.usual()))
        .withOnTheWay(onTheWay);
  }

  private Choices chosen(Choices choices, ProcedureOption option, TableEntry table) {
    return switch (option) {
      case Typed typed -> {
        typed.when().ifPresent(when -> refuseUnless(when, typed));
        yield choices.withTyped(typed.id(), value(typed));
      }
      case OneOf oneOf -> {
        if (!oneOf.scope().holds(table)) {
          throw new Complaint(
              Phrase.of("flags.scope")
                  .with("option", "--" + flagGiven(oneOf))
                  .with("scope", WORDING.text("flag.scope." + oneOf.scope().key())));
        }
        yield choices.withOption(oneOf.id(), value(oneOf));
      }
    };
  }

  /// Refuses a number that means nothing with what is chosen of an option.
  private void refuseUnless(Setting when, Typed typed) {
    String chosen = isGiven(when.option()) ? value(when.option()) : when.option().usual();
    if (!chosen.equals(when.value())) {
      throw new Complaint(
          Phrase.of("flags.when")
              .with("option", "--" + typed.flag())
              .with("other", "--" + when.option().flag())
              .with("value", when.value())
              .with("chosen", chosen));
    }
  }

  /// What was given; a flag that takes no value stands for the one that it sets.
  private String value(ProcedureOption option) {
    Optional<String> set = option instanceof OneOf oneOf ? oneOf.sets() : Optional.empty();
    return set.or(() -> switchOf(option))
        .orElseGet(() -> given.matchedOptionValue("--" + option.flag(), ""));
  }
}
