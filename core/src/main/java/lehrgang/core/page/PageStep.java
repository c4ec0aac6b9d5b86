package lehrgang.core.page;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import lehrgang.core.solution.StudentView;

/// A step on the page. Its blocks are set when they are first asked for, so that a window need not
/// wait for what is out of sight.
public final class PageStep {
  private final String id;
  private final int number;
  private final String title;
  private final String summary;
  private final StudentView view;
  private final Supplier<List<PageBlock>> setting;
  private Optional<List<PageBlock>> blocks = Optional.empty();

  /// @param number  counted from 1
  /// @param summary its state in one line; empty where that would give answers away
  /// @param view    what students see of it
  /// @param setting sets its blocks, always the same ones
  PageStep(
      String id,
      int number,
      String title,
      String summary,
      StudentView view,
      Supplier<List<PageBlock>> setting) {
    this.id = id;
    this.number = number;
    this.title = title;
    this.summary = summary;
    this.view = view;
    this.setting = setting;
  }

  /// The step's id.
  public String id() {
    return id;
  }

  /// Counted from 1.
  public int number() {
    return number;
  }

  /// The step's title, in words.
  public String title() {
    return title;
  }

  /// Its state in one line; empty where that would give answers away.
  public String summary() {
    return summary;
  }

  /// What students see of it.
  public StudentView view() {
    return view;
  }

  /// What the step is made of, set when it is first asked for.
  public synchronized List<PageBlock> blocks() {
    if (blocks.isEmpty()) {
      blocks = Optional.of(List.copyOf(setting.get()));
    }
    return blocks.get();
  }

  /// Whether it reads the same.
  @Override
  public boolean equals(Object other) {
    return this == other
        || other instanceof PageStep step
            && id.equals(step.id)
            && number == step.number
            && title.equals(step.title)
            && summary.equals(step.summary)
            && view == step.view
            && blocks().equals(step.blocks());
  }

  @Override
  public int hashCode() {
    return Objects.hash(id, number, title, summary, view);
  }

  @Override
  public String toString() {
    return number + " " + title + " " + blocks();
  }
}
