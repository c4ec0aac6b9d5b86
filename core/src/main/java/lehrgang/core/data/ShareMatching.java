package lehrgang.core.data;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lehrgang.core.wording.Phrase;
import org.apache.commons.text.similarity.LevenshteinDistance;

/// Gives stated shares to the categories of the same label; order does not matter.
public final class ShareMatching {
  private ShareMatching() {}

  /// @param entry  the categories with their counts
  /// @param shares labels with their shares in the first column
  /// @return the entry with its column of shares, or a sentence for every label without a partner
  public static Checked<TableEntry> match(TableEntry entry, TableEntry shares) {
    List<Problem> problems = new ArrayList<>();
    List<String> labels = entry.rows().stream().map(String::strip).toList();
    List<String> stated = shares.rows().stream().map(String::strip).toList();
    List<String> column = new ArrayList<>();
    for (int i = 0; i < labels.size(); i++) {
      int place = stated.indexOf(labels.get(i));
      column.add(place < 0 ? "" : shares.cells().get(place).getFirst());
      if (place < 0) {
        problems.add(
            new Problem(
                new Problem.RowLabel(i),
                Phrase.of("problem.category-without-share").with("category", labels.get(i))));
      }
    }
    List<String> alone = labels.stream().filter(label -> !stated.contains(label)).toList();
    for (String label : stated) {
      if (!labels.contains(label)) {
        problems.add(new Problem(new Problem.WholeTable(), withoutPartner(label, alone)));
      }
    }
    return Checked.of(
        problems,
        () ->
            (entry.columns().size() == 1 ? entry.withColumnAdded(TableEntry.SHARE) : entry)
                .withColumn(1, column));
  }

  private static Phrase withoutPartner(String label, List<String> alone) {
    return nearest(label, alone)
        .map(
            near ->
                Phrase.of("problem.share-without-category.near")
                    .with("label", label)
                    .with("near", near))
        .orElseGet(() -> Phrase.of("problem.share-without-category").with("label", label));
  }

  /// The label that needs the fewest changes, if they are few.
  private static Optional<String> nearest(String label, List<String> labels) {
    LevenshteinDistance distance = LevenshteinDistance.getDefaultInstance();
    return labels.stream()
        .min(Comparator.comparing(candidate -> distance.apply(label, candidate)))
        .filter(candidate -> distance.apply(label, candidate) <= Math.max(2, label.length() / 2));
  }
}
