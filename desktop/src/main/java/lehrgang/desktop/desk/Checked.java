package lehrgang.desktop.desk;

import java.util.Optional;
import lehrgang.core.marking.ClassMarks;
import lehrgang.core.marking.SlipTexts;
import lehrgang.core.page.Page;

/// A class that was marked.
///
/// @param name  of the answers
/// @param page  the whole solution
/// @param texts what is said of slips
/// @param keys  those of the students, where each has data of their own
public record Checked(
    String name, ClassMarks marks, Page page, SlipTexts texts, Optional<ClassKeys> keys) {
  /// The solution by which a student was marked.
  public Page page(String student) {
    return keys.flatMap(own -> own.page(student)).orElse(page);
  }

  /// What is said of a student's slips.
  public SlipTexts texts(String student) {
    return keys.flatMap(own -> own.texts(student)).orElse(texts);
  }
}
