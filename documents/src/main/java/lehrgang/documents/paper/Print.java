package lehrgang.documents.paper;

import java.util.List;

/// A document on paper.
///
/// @param title    as the reader's window and list of files show it
/// @param language a tag such as `en`
/// @param flow     what stands on the pages
/// @param folio    what stands in the margins of each
public record Print(String title, String language, Paper paper, Flow flow, Folio folio) {
  /// What stands in the margins of a page, in the page's own coordinates; it is not read out.
  @FunctionalInterface
  public interface Folio {
    /// @param page counted from 1
    /// @param of   how many pages there are
    List<Paint> on(int page, int of);
  }
}
