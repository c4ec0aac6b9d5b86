package lehrgang.app;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lehrgang.core.compose.Offer;
import lehrgang.core.compose.Offer.Sort;
import lehrgang.core.compose.Wish;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.wording.Phrase;
import picocli.CommandLine.Option;

/// What is wished of tables, as options.
final class WishOptions {
  private static final Pattern SHAPE =
      Pattern.compile("(\\d{1,9})\\s*[x×]\\s*(\\d{1,9})(?:\\s*[x×]\\s*(\\d{1,9}))?");
  private static final Pattern RANGE =
      Pattern.compile("([\\d.eE-]+?)\\s*(?:\\.\\.|to)\\s*([\\d.eE-]+)");
  private static final int MOST = 12;
  private static final long MOST_OBSERVATIONS = 1_000_000;
  private static final long USUAL = 200;
  private static final long USUAL_EXACT = 20;

  @Option(names = "--shape", paramLabel = "RxC", descriptionKey = "help.compose.shape")
  private String shape;

  @Option(names = "--n", paramLabel = "N", descriptionKey = "help.compose.n")
  private Long n;

  @Option(names = "--decision", paramLabel = "WHAT", descriptionKey = "help.compose.decision")
  private String decision;

  @Option(names = "--p", paramLabel = "LOW..HIGH", descriptionKey = "help.compose.p")
  private String p;

  @Option(names = "--effect", paramLabel = "SIZE", descriptionKey = "help.compose.effect")
  private String effect;

  @Option(names = "--conditions-hold", descriptionKey = "help.compose.hold")
  private boolean hold;

  @Option(names = "--conditions-fail", descriptionKey = "help.compose.fail")
  private boolean fail;

  @Option(names = "--whole-expected", descriptionKey = "help.compose.whole")
  private boolean whole;

  @Option(names = "--one-decimal", descriptionKey = "help.compose.one-decimal")
  private boolean oneDecimal;

  @Option(names = "--nice-shares", descriptionKey = "help.compose.nice")
  private boolean nice;

  @Option(names = "--reversal", descriptionKey = "help.compose.reversal")
  private boolean reversal;

  @Option(names = "--discordant", paramLabel = "WHAT", descriptionKey = "help.compose.discordant")
  private String discordant;

  @Option(
      names = "--row-labels",
      split = ",",
      paramLabel = "LABEL",
      descriptionKey = "help.compose.row-labels")
  private List<String> rowLabels = List.of();

  @Option(
      names = "--column-labels",
      split = ",",
      paramLabel = "LABEL",
      descriptionKey = "help.compose.column-labels")
  private List<String> columnLabels = List.of();

  /// How large a table is.
  record Size(int rows, int columns, int layers) {}

  /// The size that is asked for, or the usual one of a procedure.
  ///
  /// @throws Complaint if it is no size, or not for the instructor to say
  Size size(Offer offer, Procedure procedure) {
    Size usual =
        switch (offer.shaped()) {
          case ROWS_AND_COLUMNS -> new Size(3, 3, 0);
          case ROWS -> new Size(4, 1, 0);
          case LAYERS -> new Size(2, 2, 3);
          case NOTHING ->
              new Size(procedure.groups() > 1 ? procedure.groups() : fixedRows(procedure), 2, 0);
        };
    if (shape == null) {
      return usual;
    }
    if (offer.shaped() == Offer.Shaped.NOTHING) {
      throw new Complaint(Phrase.of("compose.no-shape").with("procedure", procedure.id()));
    }
    Matcher sizes = SHAPE.matcher(shape.strip());
    if (offer.shaped() == Offer.Shaped.ROWS && shape.strip().matches("\\d{1,9}")) {
      return checked(new Size(Integer.parseInt(shape.strip()), 1, 0));
    }
    if (!sizes.matches()) {
      throw new Complaint(Phrase.of("compose.shape").with("value", shape));
    }
    boolean layered = sizes.group(3) != null;
    boolean fits =
        switch (offer.shaped()) {
          case ROWS -> !layered && sizes.group(2).equals("1");
          case ROWS_AND_COLUMNS -> !layered;
          case LAYERS, NOTHING -> true;
        };
    if (!fits) {
      throw new Complaint(
          Phrase.of("compose.shape-of")
              .with("value", shape)
              .with("procedure", procedure.id())
              .with("example", offer.shaped() == Offer.Shaped.ROWS ? "4" : "3x4"));
    }
    int layers = sizes.group(3) == null ? usual.layers() : Integer.parseInt(sizes.group(3));
    return switch (offer.shaped()) {
      case ROWS -> checked(new Size(Integer.parseInt(sizes.group(1)), 1, 0));
      case LAYERS ->
          checked(
              new Size(Integer.parseInt(sizes.group(1)), Integer.parseInt(sizes.group(2)), layers));
      case ROWS_AND_COLUMNS, NOTHING ->
          checked(new Size(Integer.parseInt(sizes.group(1)), Integer.parseInt(sizes.group(2)), 0));
    };
  }

  private static int fixedRows(Procedure procedure) {
    return procedure.forms().getFirst() == TableForm.SHARES ? 1 : 2;
  }

  private Size checked(Size size) {
    boolean small = size.rows() < 2 || size.columns() < 1;
    if (small || size.rows() > MOST || size.columns() > MOST || size.layers() > MOST) {
      throw new Complaint(Phrase.of("compose.size").with("value", shape).with("most", MOST));
    }
    return size;
  }

  /// About how many observations there are.
  long n(String procedure) {
    long wanted = n == null ? (procedure.equals("fisher") ? USUAL_EXACT : USUAL) : n;
    if (wanted < 4 || wanted > MOST_OBSERVATIONS) {
      throw new Complaint(
          Phrase.of("compose.n").with("number", wanted).with("most", MOST_OBSERVATIONS));
    }
    return wanted;
  }

  /// The wishes.
  ///
  /// @throws Complaint if one means nothing for the procedure, or is not understood
  List<Wish> wishes(Offer offer, String procedure) {
    Map<Sort, Asked> asked = new EnumMap<>(Sort.class);
    for (Asked one : asked()) {
      if (!offer.wishes().contains(one.sort())) {
        throw new Complaint(
            Phrase.of("compose.foreign").with("option", one.option()).with("procedure", procedure));
      }
      Asked other = asked.put(one.sort(), one);
      if (other != null) {
        throw new Complaint(
            Phrase.of("compose.both").with("option", other.option()).with("other", one.option()));
      }
    }
    return asked.values().stream().map(this::wish).toList();
  }

  /// An option that was given.
  private record Asked(Sort sort, String option, String value) {}

  private List<Asked> asked() {
    return Stream.of(
            new Asked(Sort.DECISION, "--decision", decision),
            new Asked(Sort.P, "--p", p),
            new Asked(Sort.EFFECT, "--effect", effect),
            new Asked(Sort.CONDITIONS, "--conditions-hold", hold ? "hold" : null),
            new Asked(Sort.CONDITIONS, "--conditions-fail", fail ? "fail" : null),
            new Asked(Sort.EXPECTED, "--whole-expected", whole ? "whole" : null),
            new Asked(Sort.EXPECTED, "--one-decimal", oneDecimal ? "one-decimal" : null),
            new Asked(Sort.DISCORDANT, "--discordant", discordant),
            new Asked(Sort.NICE, "--nice-shares", nice ? "nice" : null),
            new Asked(Sort.REVERSAL, "--reversal", reversal ? "reversal" : null))
        .filter(one -> one.value() != null)
        .toList();
  }

  private Wish wish(Asked asked) {
    if (asked.sort() == Sort.P) {
      return range();
    }
    return asked
        .sort()
        .choice(asked.value())
        .orElseThrow(
            () ->
                wrong(
                    asked.option(),
                    asked.value(),
                    asked.sort().choices().stream().map(Offer.Choice::key)));
  }

  private static Complaint wrong(String option, String value, Stream<String> choice) {
    return new Complaint(
        Phrase.of("wrong-value")
            .with("option", option)
            .with("value", value)
            .with("choice", Phrase.listed(choice.toList(), "list.or")));
  }

  private Wish range() {
    Matcher range = RANGE.matcher(p.strip());
    try {
      if (range.matches()) {
        double low = Double.parseDouble(range.group(1));
        double high = Double.parseDouble(range.group(2));
        if (low >= 0 && low < high && high <= 1) {
          return new Wish.PValue(low, high);
        }
      }
    } catch (NumberFormatException e) {
      // It is said below.
    }
    throw new Complaint(Phrase.of("compose.p").with("value", p));
  }

  /// A table with the labels that were given.
  ///
  /// @throws Complaint if there are more or fewer of them than rows or columns
  TableEntry labelled(TableEntry table) {
    TableEntry labelled = table;
    if (!rowLabels.isEmpty()) {
      refuseUnless(rowLabels.size(), table.rows().size(), "--row-labels");
      for (int i = 0; i < rowLabels.size(); i++) {
        labelled = labelled.withRowLabel(i, rowLabels.get(i).strip());
      }
    }
    if (!columnLabels.isEmpty()) {
      refuseUnless(
          columnLabels.size(),
          table.form().namesItsColumns() ? table.columns().size() : 0,
          "--column-labels");
      for (int j = 0; j < columnLabels.size(); j++) {
        labelled = labelled.withColumnLabel(j, columnLabels.get(j).strip());
      }
    }
    return labelled;
  }

  private static void refuseUnless(int given, int wanted, String option) {
    if (given != wanted) {
      throw new Complaint(
          Phrase.of("compose.labels")
              .with("option", option)
              .with("given", given)
              .with("wanted", wanted));
    }
  }
}
