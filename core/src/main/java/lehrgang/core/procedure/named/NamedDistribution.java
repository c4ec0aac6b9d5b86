package lehrgang.core.procedure.named;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableForm;
import lehrgang.core.data.TypedNumber;
import lehrgang.core.derivation.Lines;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.named.DistributionLines.Model;
import lehrgang.core.procedure.parts.ExpectedConditions;
import lehrgang.core.procedure.parts.StudentViews;
import lehrgang.core.procedure.parts.TypedNumbers;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.ProcedureOption.Typed;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Excerpt;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// The chi-squared test of counts 0, 1, 2, … against a Poisson or a binomial distribution, whose
/// parameter is stated or estimated (Pearson 1900, Fisher 1924).
public final class NamedDistribution implements Procedure {
  /// The mean of a Poisson distribution; blank where it is estimated.
  static final Typed MEAN =
      new Typed("mean", "parameter", "", "mean").when(DistributionLaw.OPTION, "poisson");

  /// The probability of a success; blank where it is estimated.
  static final Typed CHANCE =
      new Typed("chance", "parameter", "", "chance").when(DistributionLaw.OPTION, "binomial");

  /// How many trials are behind each count; blank where it is the number of the last class.
  static final Typed TRIALS =
      new Typed("each", "parameter", "", "of-each").when(DistributionLaw.OPTION, "binomial");

  private static final Rational LARGEST_MEAN = Value.of(500);
  private static final int MOST_TRIALS = 400;

  @Override
  public String id() {
    return "named-distribution";
  }

  @Override
  public List<TableForm> forms() {
    return List.of(TableForm.FREQUENCIES);
  }

  @Override
  public List<String> categories() {
    return List.of(
        "0", "1", "2", "3", Wording.english().text(Phrase.of("class.or-more").with("edge", 4)));
  }

  @Override
  public List<ProcedureOption> options() {
    return List.of(
        TypedNumbers.LEVEL,
        DistributionLaw.OPTION,
        MEAN,
        CHANCE,
        TRIALS,
        ClassGroups.OPTION,
        ExpectedConditions.RULE);
  }

  @Override
  public Map<String, StudentView> usualStudentViews() {
    return StudentViews.given("question", "data", "hypotheses", "parameter", "conditions")
        .oneWorked("expected")
        .blank("contributions", "statistic", "critical", "p", "conclusion")
        .leftOut("closer-look")
        .byStep();
  }

  @Override
  public Outcome derive(Solution solution) {
    Choices choices = solution.choices();
    List<Problem> problems = new ArrayList<>();
    Rational level = TypedNumbers.level(choices, problems);
    DistributionLaw law = DistributionLaw.chosen(choices);
    int trials =
        law == DistributionLaw.BINOMIAL
            ? trials(choices, solution.table().rows().size() - 1, problems)
            : 0;
    Model model = new Model(law, trials, stated(choices, law, problems));
    return WorkedPage.checked(
        OpenClasses.check(solution.table()),
        problems,
        classes -> derive(classes, model, level, solution));
  }

  private Outcome derive(OpenClasses classes, Model model, Rational level, Solution solution) {
    Choices choices = solution.choices();
    if (model.stated().isEmpty()) {
      Optional<Problem> flat = nothingToEstimate(classes, model);
      if (flat.isPresent()) {
        return new Refused(List.of(flat.get()));
      }
    }
    DistributionLines writer = new DistributionLines(classes, model);
    writer.addUpToExpected(level);
    ClassGroups groups =
        ClassGroups.areMerged(choices)
            ? ClassGroups.merged(writer.expected())
            : ClassGroups.recorded(classes.size());
    int needed = 2 + model.estimated();
    if (groups.size() < needed) {
      return new Refused(List.of(tooFew(groups, needed, classes)));
    }
    writer.addTest(groups);
    Lines lines = writer.lines();
    return new Derived(
        WorkedPage.derivation(
            id(),
            lines,
            ExpectedConditions.conditions(lines),
            values ->
                new DistributionPage(
                    classes, model, groups, choices, solution.question().story(), lines, values)));
  }

  /// Where everything was 0, or every trial a success, the estimate leaves nothing to chance.
  private static Optional<Problem> nothingToEstimate(OpenClasses classes, Model model) {
    boolean onlyZero = classes.frequencies().stream().skip(1).allMatch(frequency -> frequency == 0);
    boolean onlyFull =
        model.law() == DistributionLaw.BINOMIAL
            && model.trials() == classes.last()
            && classes.frequencies().stream().limit(classes.last()).allMatch(f -> f == 0);
    return onlyZero || onlyFull
        ? Optional.of(
            new Problem(
                new Problem.WholeTable(),
                Phrase.of(onlyZero ? "problem.only-zero" : "problem.only-full")))
        : Optional.empty();
  }

  private static Problem tooFew(ClassGroups groups, int needed, OpenClasses classes) {
    Problem problem =
        new Problem(
            new Problem.WholeTable(),
            Phrase.of(groups.merges() ? "problem.too-few-merged" : "problem.too-few-classes")
                .with("classes", groups.size())
                .with("needed", needed));
    return groups.merges() && classes.size() >= needed
        ? problem.with(new Problem.Remedy(ClassGroups.OPTION.id(), "recorded"))
        : problem;
  }

  private static Optional<Rational> stated(
      Choices choices, DistributionLaw law, List<Problem> problems) {
    Typed field = law == DistributionLaw.POISSON ? MEAN : CHANCE;
    Rational most = law == DistributionLaw.POISSON ? LARGEST_MEAN : Value.of(1);
    String typed = choices.typed(field).strip();
    if (typed.isEmpty()) {
      return Optional.empty();
    }
    Optional<Rational> number = TypedNumber.read(typed);
    boolean fits =
        number
            .filter(value -> value.signum() > 0)
            .filter(
                value ->
                    law == DistributionLaw.POISSON
                        ? value.compareTo(most) <= 0
                        : value.compareTo(most) < 0)
            .isPresent();
    if (!fits) {
      problems.add(
          new Problem(
              new Problem.Field(field.id()),
              Phrase.of("problem." + field.id()).with("value", Excerpt.of(typed))));
    }
    return number;
  }

  private static int trials(Choices choices, int last, List<Problem> problems) {
    String typed = choices.typed(TRIALS).strip();
    if (typed.isEmpty()) {
      return Math.max(1, last);
    }
    int trials = typed.matches("[0-9]{1,3}") ? Integer.parseInt(typed) : 0;
    if (trials < Math.max(1, last) || trials > MOST_TRIALS) {
      problems.add(
          new Problem(
              new Problem.Field(TRIALS.id()),
              Phrase.of("problem.each")
                  .with("value", Excerpt.of(typed))
                  .with("last", Math.max(1, last))
                  .with("most", MOST_TRIALS)));
    }
    return trials;
  }
}
