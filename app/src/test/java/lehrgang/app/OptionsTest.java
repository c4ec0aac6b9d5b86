package lehrgang.app;

import static lehrgang.app.Run.run;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.ProcedureOption.OneOf;
import lehrgang.core.solution.ProcedureOption.Scope;
import lehrgang.core.solution.ProcedureOption.Typed;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/// Every option of every procedure on the command line: its own are taken, others refused, and none
/// is passed over in silence.
class OptionsTest {
  @TempDir private Path folder;

  private List<String> data(Procedure procedure) throws IOException {
    return switch (procedure.id()) {
      case "one-proportion" -> List.of("--successes", "30", "--trials", "50", "--claimed", "0.5");
      case "two-proportions" -> List.of("--first", "30/50", "--second", "22/50");
      case "goodness-of-fit" ->
          file("category,observed,share\nLake,30,40 %\nGorge,20,30 %\nMill,25,30 %\n");
      case "named-distribution" -> file("x,observed\n0,30\n1,40\n2,25\n3,12\n4 or more,6\n");
      case "layers" ->
          file(
              "season,before,yes,no\n"
                  + "Spring,early,9,4\n"
                  + "Spring,late,5,8\n"
                  + "Autumn,early,7,6\n"
                  + "Autumn,late,4,9\n");
      case "matched-pairs" -> file(",yes,no\nyes,47,9\nno,27,35\n");
      default -> file("x,a,b\nr,12,9\ns,7,14\n");
    };
  }

  private List<String> file(String text) throws IOException {
    return List.of(Files.writeString(folder.resolve("data.csv"), text).toString());
  }

  private Run derive(Procedure procedure, List<String> more) throws IOException {
    List<String> arguments = new ArrayList<>(List.of("derive", procedure.id()));
    arguments.addAll(data(procedure));
    arguments.addAll(more);
    return run(arguments.toArray(String[]::new));
  }

  private static List<String> flag(ProcedureOption option, String value) {
    return option instanceof OneOf oneOf && oneOf.sets().isPresent()
        ? List.of("--" + option.flag())
        : List.of("--" + option.flag(), value);
  }

  static Stream<Arguments> foreign() {
    List<Arguments> all = new ArrayList<>();
    for (Procedure procedure : Procedures.all()) {
      List<String> own = procedure.options().stream().map(ProcedureOption::flag).toList();
      Procedures.all().stream()
          .flatMap(other -> other.options().stream())
          .filter(option -> !own.contains(option.flag()))
          .map(option -> Arguments.of(procedure, option))
          .forEach(all::add);
    }
    return all.stream().distinct();
  }

  @ParameterizedTest
  @MethodSource("foreign")
  void anOptionOfAnotherProcedureIsRefusedWithTheOnesItTakes(
      Procedure procedure, ProcedureOption option) throws IOException {
    Run run = derive(procedure, flag(option, option.usual()));
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.out()).isEmpty();
    assertThat(run.err())
        .startsWith(
            "--%s is not an option of %s; its options are "
                .formatted(option.flag(), procedure.id()))
        .hasLineCount(1);
    for (ProcedureOption own : procedure.options()) {
      assertThat(run.err()).contains("--" + own.flag());
    }
  }

  static Stream<Arguments> own() {
    return Procedures.all().stream()
        .flatMap(
            procedure ->
                procedure.options().stream()
                    .filter(OneOf.class::isInstance)
                    .map(OneOf.class::cast)
                    .filter(option -> option.scope() != Scope.LARGER)
                    .flatMap(
                        option ->
                            option.values().stream()
                                .filter(value -> option.sets().map(value::equals).orElse(true))
                                .map(value -> Arguments.of(procedure, option, value))));
  }

  @ParameterizedTest
  @MethodSource("own")
  void everyValueOnOfferIsTakenAndAnyOtherIsNamedWithThem(
      Procedure procedure, OneOf option, String value) throws IOException {
    if (option.scope() == Scope.STATED_SHARES) {
      // What the shares are decides whether they add up, and that is said.
      assertThat(derive(Procedures.of("goodness-of-fit"), flag(option, value)).err())
          .doesNotContain("is not an option", "remove it");
      return;
    }
    Run run = derive(procedure, flag(option, value));
    assertThat(run.err()).isEmpty();
    assertThat(run.exit()).isZero();
    if (option.sets().isEmpty()) {
      Run wrong = derive(procedure, List.of("--" + option.flag(), "sideways"));
      assertThat(wrong.exit()).isEqualTo(2);
      assertThat(wrong.err()).contains("“sideways”").contains(option.values());
    }
  }

  @ParameterizedTest
  @CsvSource({
    "--mean 2 --distribution binomial, --mean requires --distribution poisson",
    "--chance 0.4, --chance requires --distribution binomial",
    "--of-each 5, --of-each requires --distribution binomial"
  })
  void aNumberThatMeansNothingForTheDistributionIsRefused(String options, String sentence)
      throws IOException {
    Run run = derive(Procedures.of("named-distribution"), List.of(options.split(" ")));
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err()).startsWith(sentence);
  }

  @Test
  void everyFlagIsExplained() {
    String help = run("derive", "--help").out();
    for (Procedure procedure : Procedures.all()) {
      for (ProcedureOption option : procedure.options()) {
        assertThat(help).contains("--" + option.flag());
        if (option instanceof Typed typed && typed.usual().isEmpty()) {
          assertThat(help).doesNotContain("Default: .");
        }
      }
    }
  }

  static Stream<String> commands() {
    return Main.commandLine().getSubcommands().entrySet().stream()
        .filter(command -> !command.getValue().getCommandSpec().usageMessage().hidden())
        .map(Map.Entry::getKey);
  }

  @ParameterizedTest
  @MethodSource("commands")
  void aCommandThatIsMadeAloneSaysOfItselfWhatItSaysAmongAll(String command) {
    String among = Main.commandLine().getSubcommands().get(command).getUsageMessage();
    assertThat(run(command, "--help").out()).isEqualTo(among);
    assertThat(run("help", command).out()).isEqualTo(among);
  }
}
