package lehrgang.core.data;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.wording.Phrase;

/// Successes among trials, for one group or two, all of them checked.
///
/// @param groupVariable what tells the groups apart; may be a default word
/// @param outcome       what counts as a success
public record SharesTable(String groupVariable, String outcome, List<Group> groups) {
  /// @param successes 0 to `trials`
  /// @param trials    1 or more
  public record Group(String label, long successes, long trials) {
    /// @throws IllegalArgumentException if there are no trials, or successes are not among them
    public Group {
      if (trials < 1 || successes < 0 || successes > trials) {
        throw new IllegalArgumentException(
            "%d successes among %d trials".formatted(successes, trials));
      }
    }
  }

  public SharesTable {
    groups = List.copyOf(groups);
  }

  /// The table that was typed, if it is right.
  ///
  /// @param wanted the number of groups that the procedure asks for
  public static Checked<SharesTable> check(TableEntry entry, int wanted) {
    EntryReader reader = new EntryReader(entry);
    if (entry.rows().size() != wanted || entry.columns().size() != 2) {
      reader.report(
          new Problem.WholeTable(),
          Phrase.of("problem.number-of-groups")
              .with("wanted", wanted)
              .with("groups", entry.rows().size()));
      return new Checked.Bad<>(List.copyOf(reader.problems()));
    }
    reader.checkRowLabels();
    List<List<Long>> counts = reader.counts(0, 1);
    List<Group> groups = new ArrayList<>();
    for (int i = 0; i < wanted && reader.problems().isEmpty(); i++) {
      long successes = counts.get(i).get(0);
      long trials = counts.get(i).get(1);
      if (trials == 0) {
        reader.report(
            new Problem.Cell(i, 1),
            Phrase.of("problem.no-trials").with("group", entry.rows().get(i)));
      } else if (successes > trials) {
        reader.report(
            new Problem.Cell(i, 0),
            Phrase.of("problem.more-successes")
                .with("group", entry.rows().get(i))
                .with("successes", successes)
                .with("trials", trials));
      } else {
        groups.add(new Group(entry.rows().get(i).strip(), successes, trials));
      }
    }
    return Checked.of(
        reader.problems(),
        () ->
            new SharesTable(
                EntryReader.named(entry.rowVariable(), "group"),
                EntryReader.named(entry.columnVariable(), "success"),
                groups));
  }
}
