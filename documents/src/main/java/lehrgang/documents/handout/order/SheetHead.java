package lehrgang.documents.handout.order;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.SheetChoices.With;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// What stands at the head of a sheet, before its title.
///
/// @param line what it is: for whom, course, sheet and date; may be empty
/// @param name what is asked for on a line of its own; empty for none
public record SheetHead(String line, String name) {
  /// @param wording of the sheet's language
  public static SheetHead of(Order order, Wording wording) {
    SheetChoices choices = order.choices();
    boolean student = order.audience() == Audience.STUDENT;
    String whom = student ? "" : wording.text("audience." + order.audience().key());
    String due =
        choices.due().isBlank()
            ? ""
            : wording.text(Phrase.of("sheet.due").with("due", choices.due()));
    String line =
        Stream.of(whom, choices.course(), choices.sheet(), due)
            .filter(part -> !part.isBlank())
            .collect(Collectors.joining(" · "));
    boolean named = student && choices.has(With.NAME);
    return new SheetHead(line, named ? wording.text("task.name") : "");
  }

  /// What a solution is called on its sheet.
  public static String title(Page page) {
    String title = page.question().title();
    return title.isBlank() ? page.wording().text("question.untitled") : title;
  }
}
