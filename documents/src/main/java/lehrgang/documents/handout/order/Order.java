package lehrgang.documents.handout.order;

import java.util.List;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.SheetChoices;

/// What is to be handed out.
///
/// @param solutions one, or several that make a problem set; at least one
public record Order(List<Solved> solutions, Audience audience, SheetChoices choices) {
  /// @throws IllegalArgumentException if there is no solution
  public Order {
    if (solutions.isEmpty()) {
      throw new IllegalArgumentException("an order needs at least one solution");
    }
    solutions = List.copyOf(solutions);
  }

  /// Of one solution, as it is to be handed out.
  public static Order of(Solved solved, Audience audience) {
    return new Order(List.of(solved), audience, solved.solution().sheet());
  }

  /// Whether what is handed out to an audience can have something or leave it out.
  public static boolean canHave(SheetChoices.With thing, Audience audience) {
    return switch (thing) {
      case NAME, HINTS, CURVE -> audience == Audience.STUDENT;
      case POINTS -> audience != Audience.FULL;
      case TABLE -> true;
    };
  }
}
