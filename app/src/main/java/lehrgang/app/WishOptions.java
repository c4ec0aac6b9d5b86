package lehrgang.app;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
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
    List<Wish> wishes = new ArrayList<>();
    if (decision != null) {
      allow(offer, procedure, Sort.DECISION, "--decision");
      wishes.add(new Wish.Decision(either("--decision", decision, "reject", "keep")));
    }
    if (p != null) {
      allow(offer, procedure, Sort.P, "--p");
      wishes.add(range());
    }
    if (effect != null) {
      allow(offer, procedure, Sort.EFFECT, "--effect");
      wishes.add(new Wish.Effect(strength()));
    }
    if (hold || fail) {
      allow(offer, procedure, Sort.CONDITIONS, hold ? "--conditions-hold" : "--conditions-fail");
      wishes.add(new Wish.Conditions(hold));
    }
    if (whole || oneDecimal) {
      allow(offer, procedure, Sort.EXPECTED, whole ? "--whole-expected" : "--one-decimal");
      wishes.add(new Wish.Expected(whole ? 0 : 1));
    }
    if (nice) {
      allow(offer, procedure, Sort.NICE, "--nice-shares");
      wishes.add(new Wish.NiceShares());
    }
    if (reversal) {
      allow(offer, procedure, Sort.REVERSAL, "--reversal");
      wishes.add(new Wish.Reversal());
    }
    if (discordant != null) {
      allow(offer, procedure, Sort.DISCORDANT, "--discordant");
      wishes.add(new Wish.Discordant(either("--discordant", discordant, "many", "few")));
    }
    return wishes;
  }

  private static void allow(Offer offer, String procedure, Sort sort, String option) {
    if (!offer.wishes().contains(sort)) {
      throw new Complaint(
          Phrase.of("compose.foreign").with("option", option).with("procedure", procedure));
    }
  }

  private static boolean either(String option, String value, String yes, String no) {
    if (!value.equals(yes) && !value.equals(no)) {
      throw wrong(option, value, Stream.of(yes, no));
    }
    return value.equals(yes);
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

  private Wish.Strength strength() {
    return Arrays.stream(Wish.Strength.values())
        .filter(one -> one.name().toLowerCase(Locale.ROOT).equals(effect))
        .findFirst()
        .orElseThrow(
            () ->
                wrong(
                    "--effect",
                    effect,
                    Arrays.stream(Wish.Strength.values())
                        .map(one -> one.name().toLowerCase(Locale.ROOT))));
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
