package lehrgang.core.page;

import java.util.List;
import lehrgang.core.solution.StudentView;

/// A step on the page.
///
/// @param number  counted from 1
/// @param summary its state in one line; empty where that would give answers away
/// @param view    what students see of it
public record PageStep(
    String id, int number, String title, String summary, StudentView view, List<PageBlock> blocks) {
  public PageStep {
    blocks = List.copyOf(blocks);
  }
}
