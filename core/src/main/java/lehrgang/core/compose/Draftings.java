package lehrgang.core.compose;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.procedure.Procedures;

/// Which tables are drawn for a procedure.
final class Draftings {
  /// How far the number of observations may be from what was ordered, as a part of it.
  private static final double ABOUT = 0.12;

  /// How far it may be from that of a model.
  private static final double LIKE = 0.3;

  private final Proposal model;
  private final TableEntry table;

  Draftings(Proposal model) {
    this.model = model;
    this.table = model.solution().table();
  }

  /// Tables as they are ordered, with the labels of the model as far as they go.
  Drafting of(Order order) {
    TableEntry blank = Labelled.as(table, order.rows(), order.columns(), order.layers());
    Optional<Integer> decimals = order.find(Wish.Expected.class).map(Wish.Expected::decimals);
    boolean nice = order.find(Wish.NiceShares.class).isPresent();
    return switch (table.form()) {
      case TWO_WAY ->
          isPaired()
              ? pairs(blank, order.n(), changed(order), decimals.isPresent())
              : twoWay(
                  blank,
                  new Margins.Wanted(
                      blank.rows().size(),
                      blank.columns().size(),
                      order.n(),
                      decimals,
                      order.find(Wish.Conditions.class).map(Wish.Conditions::hold),
                      nice,
                      Optional.empty()));
      case FREQUENCIES ->
          new FitDrafting(
              blank,
              shares(blank.rows().size()),
              order.n(),
              decimals,
              nice && !states(blank),
              Optional.empty());
      case SHARES ->
          new SharesDrafting(blank, claimed(), order.n(), ABOUT, new long[0][], nice, decimals);
      case LAYERS ->
          new LayersDrafting(blank, order.n(), order.find(Wish.Reversal.class).isPresent());
    };
  }

  /// Tables like the model.
  Drafting near(List<Wish> wishes) {
    Optional<Integer> decimals = wholes(wishes);
    return switch (table.form()) {
      case TWO_WAY ->
          isPaired()
              ? new Jittered(pairs(table, total(), new long[2], false), counts())
              : model.expected().isEmpty()
                  ? new Jittered(like(Optional.empty(), Optional.empty()), counts())
                  : like(decimals, Optional.empty());
      case FREQUENCIES ->
          model.exact(LineId.of("s", 1)).isEmpty()
              ? new Jittered(fit(Optional.empty(), Optional.empty()), counts())
              : fit(decimals, Optional.of(deviations()));
      case SHARES -> new SharesDrafting(table, claimed(), total(), LIKE, counts(), false, decimals);
      case LAYERS -> new Jittered(new LayersDrafting(table, total(), false), counts());
    };
  }

  private Optional<Integer> wholes(List<Wish> wishes) {
    return new Order(
            table.rows().size(), table.columns().size(), table.layers().size(), total(), wishes)
        .find(Wish.Expected.class)
        .map(Wish.Expected::decimals);
  }

  /// Tables like the model that begin as far from independence as it is, where it is a two-way
  /// table: what is far cannot be reached from independence in a few steps.
  Optional<Drafting> close(List<Wish> wishes) {
    return table.form() == TableForm.TWO_WAY && !isPaired() && !model.expected().isEmpty()
        ? Optional.of(like(wholes(wishes), Optional.of(margins().deviations(counts()))))
        : Optional.empty();
  }

  private Drafting like(Optional<Integer> decimals, Optional<double[][]> deviations) {
    return new TwoWayDrafting(
        table,
        new Margins.Wanted(
            table.rows().size(),
            table.columns().size(),
            total(),
            decimals,
            Optional.empty(),
            false,
            Optional.of(margins())),
        deviations);
  }

  private Drafting fit(Optional<Integer> decimals, Optional<double[]> deviations) {
    return new FitDrafting(
        table, shares(table.rows().size()), total(), decimals, false, deviations);
  }

  /// The typed counts; of a table with stated shares, those alone.
  private long[][] counts() {
    int columns = table.form() == TableForm.FREQUENCIES ? 1 : table.columns().size();
    return table.cells().stream()
        .map(
            row ->
                row.stream()
                    .limit(columns)
                    .mapToLong(cell -> Long.parseLong(digits(cell)))
                    .toArray())
        .toArray(long[][]::new);
  }

  /// How far each category is from what is expected.
  private double[] deviations() {
    long[][] counts = counts();
    List<Double> shares = shares(counts.length);
    return IntStream.range(0, counts.length)
        .mapToDouble(i -> counts[i][0] - total() * shares.get(i))
        .toArray();
  }

  private boolean isPaired() {
    return Procedures.of(model.solution().procedure()).paired();
  }

  private static Drafting twoWay(TableEntry blank, Margins.Wanted wanted) {
    return new TwoWayDrafting(blank, wanted, Optional.empty());
  }

  private static Drafting pairs(TableEntry blank, long n, long[] changed, boolean even) {
    return new PairsDrafting(blank, n, changed, even);
  }

  private static long[] changed(Order order) {
    long few = Math.max(2, Math.min(6, order.n() / 4));
    return order
        .find(Wish.Discordant.class)
        .map(
            wish ->
                wish.many()
                    ? new long[] {
                      Wish.Discordant.MANY, Math.max(Wish.Discordant.MANY, order.n() * 2 / 3)
                    }
                    : new long[] {few, Wish.Discordant.MANY - 1})
        .orElse(new long[] {few, Math.max(few, order.n() / 2)});
  }

  private static boolean states(TableEntry blank) {
    return blank.columns().contains(TableEntry.SHARE);
  }

  /// The shares of the categories under H₀; equal ones where the model has others.
  private List<Double> shares(int many) {
    List<Double> shares =
        IntStream.rangeClosed(1, many)
            .mapToObj(i -> model.exact(LineId.of("s", i)).map(Value::asDouble))
            .flatMap(Optional::stream)
            .toList();
    boolean whole = shares.size() == many && many == table.rows().size();
    return whole ? shares : Collections.nCopies(many, 1.0 / many);
  }

  private double claimed() {
    return model.number("p0").orElse(0.5);
  }

  private long total() {
    return Math.max(2, model.observations());
  }

  private static String digits(String typed) {
    String digits = typed.replaceAll("\\D", "");
    return digits.isEmpty() ? "0" : digits;
  }

  private Margins margins() {
    return new Margins(
        totals("R", table.rows().size()), totals("C", table.columns().size()), total());
  }

  private long[] totals(String family, int many) {
    return IntStream.rangeClosed(1, many)
        .mapToLong(
            i -> Math.round(model.exact(LineId.of(family, i)).map(Value::asDouble).orElse(1.0)))
        .toArray();
  }
}
