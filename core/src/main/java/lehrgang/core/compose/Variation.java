package lehrgang.core.compose;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Condition;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.work.Progress;

/// Other counts for each student of a class, all as hard as a model: the same story, procedure and
/// choices, the same decision and conditions, a statistic in a band around that of the model, and
/// counts as long as its.
///
/// What a student gets follows from the seed and the name, so that a list that grows changes
/// nobody's counts; two students with the same counts are told apart by the order of the list.
/// Without the seed, a name tells nothing.
public final class Variation {
  /// How far the statistic may be from that of the model, as a part of it.
  public static final double BAND = 0.25;

  /// How far the p-value may be from that of a model that has no other statistic, as a factor.
  private static final double P_BAND = 4;

  private static final int TRIES = 60;

  /// So many cells are gone through before it is begun as far from independence as the model is.
  private static final int CELLS_IN_VAIN = 100;

  private final Proposal model;
  private final long seed;
  private final List<Wish> wishes;
  private final Search search;

  /// Every second try where others were in vain, which takes longer with every cell.
  private final Optional<Search> close;

  private final Set<List<List<String>>> taken = new HashSet<>();

  private Variation(Proposal model, long seed) {
    this.model = model;
    this.seed = seed;
    this.wishes = wishes(model);
    Draftings draftings = new Draftings(model);
    this.search = new Search(model.solution(), draftings.near(wishes));
    this.close = draftings.close(wishes).map(drafting -> new Search(model.solution(), drafting));
    taken.add(model.solution().table().cells());
  }

  /// @param model the instructor's solution
  /// @param seed  the instructor's own number
  public static Variation of(Proposal model, long seed) {
    return new Variation(model, seed);
  }

  /// What every variant keeps of the model.
  static List<Wish> wishes(Proposal model) {
    List<Wish> wishes = new ArrayList<>();
    if (!model.expected().isEmpty() && new Wish.Expected(0).distance(model) == 0) {
      wishes.add(new Wish.Expected(0));
    }
    Map<LineId, Boolean> conditions = new LinkedHashMap<>();
    for (Condition condition : model.derivation().conditions()) {
      conditions.put(condition.line(), model.holds(condition.line()));
    }
    wishes.add(new Wish.SameConditions(conditions));
    wishes.add(new Wish.Decision(model.rejects()));
    wishes.add(model.statistic().map(line -> near(model, line)).orElseGet(() -> nearP(model)));
    wishes.add(new Wish.Digits(model.solution().table().cells()));
    if (!model.solution().table().layers().isEmpty() && new Wish.Reversal().distance(model) == 0) {
      wishes.add(new Wish.Reversal());
    }
    return List.copyOf(wishes);
  }

  private static Wish near(Proposal model, LineId line) {
    double statistic = Math.abs(model.exact(line).map(Value::asDouble).orElse(0.0));
    return new Wish.Statistic(line, statistic * (1 - BAND), statistic * (1 + BAND));
  }

  private static Wish nearP(Proposal model) {
    double p = model.number("p").orElse(1.0);
    return new Wish.PValue(p / P_BAND, Math.min(1, p * P_BAND));
  }

  /// The first counts that come of the seed and a name, whoever has them already.
  ///
  /// @param after the try after which to go on; −1 at first
  private Optional<Tried> tried(String student, int after) {
    long own = own(student);
    TableEntry table = model.solution().table();
    int inVain = Math.max(1, CELLS_IN_VAIN / (table.rows().size() * table.columns().size()));
    for (int k = after + 1; k < TRIES; k++) {
      Search way = k >= inVain && k % 2 == 1 ? close.orElse(search) : search;
      Optional<Proposal> found = way.from(new SplittableRandom(own + k), wishes, Optional.empty());
      if (found.isPresent()) {
        return Optional.of(new Tried(found.get(), k));
      }
    }
    return Optional.empty();
  }

  private record Tried(Proposal found, int at) {}

  /// The counts of the next students of the list; empty for one for whom none were found.
  ///
  /// @param students their names, as they stand in the list
  public List<Optional<Proposal>> next(List<String> students) {
    Progress progress = Progress.ofThisThread();
    List<Optional<Tried>> first =
        students.parallelStream().map(student -> progress.watch(() -> tried(student, -1))).toList();
    List<Optional<Proposal>> all = new ArrayList<>();
    for (int i = 0; i < students.size(); i++) {
      Optional<Tried> tried = first.get(i);
      while (tried.isPresent() && !taken.add(cells(tried.get().found()))) {
        tried = tried(students.get(i), tried.get().at());
      }
      all.add(tried.map(Tried::found));
    }
    return List.copyOf(all);
  }

  /// The counts of the next student of the list; empty where none were found.
  public Optional<Proposal> next(String student) {
    return next(List.of(student)).getFirst();
  }

  private static List<List<String>> cells(Proposal found) {
    TableEntry table = found.solution().table();
    return table.cells();
  }

  /// A number made of the seed and a name, from which neither can be told (SHA-256).
  private long own(String student) {
    try {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      digest.update(ByteBuffer.allocate(Long.BYTES).putLong(seed).array());
      digest.update(student.strip().getBytes(StandardCharsets.UTF_8));
      return ByteBuffer.wrap(digest.digest()).getLong();
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }
}
