package lehrgang.core.solution;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/// How a solution is handed out.
///
/// @param course what stands at the head, such as "Statistics 1, group 17"; may be empty
/// @param sheet  which sheet it is, such as "Sheet 6"; may be empty
/// @param due    when it is to be handed in, in words; may be empty
/// @param with   what stands on it besides
/// @param last   for whom and in which form it was handed out last
public record SheetChoices(
    String course,
    String sheet,
    String due,
    PaperSize paper,
    WorkingRoom room,
    Set<With> with,
    HandedOut last) {
  /// For whom and in which form a sheet is handed out.
  ///
  /// @param audience its key
  /// @param form     its key
  public record HandedOut(String audience, String form) {
    /// The worksheet, for paper.
    static HandedOut usual() {
      return new HandedOut("student", "pdf");
    }
  }

  /// The size of the paper.
  public enum PaperSize {
    A4,
    LETTER;

    /// As it stands in files and options.
    public String key() {
      return name().toLowerCase(Locale.ROOT);
    }

    /// The size that a key stands for; empty for an unknown one.
    public static Optional<PaperSize> ofKey(String key) {
      return Arrays.stream(values()).filter(size -> size.key().equals(key)).findFirst();
    }
  }

  /// What is drawn in the room for working.
  public enum WorkingRoom {
    LINES,
    GRID,
    /// There is no room for working.
    NONE;

    /// As it stands in files and options.
    public String key() {
      return name().toLowerCase(Locale.ROOT);
    }

    /// The room that a key stands for; empty for an unknown one.
    public static Optional<WorkingRoom> ofKey(String key) {
      return Arrays.stream(values()).filter(room -> room.key().equals(key)).findFirst();
    }
  }

  /// What may stand on a sheet besides.
  public enum With {
    /// A line for the student's name.
    NAME,
    /// The printed tables that are needed, whole.
    TABLE,
    /// The points of each step.
    POINTS,
    /// The formula in symbols where a number is asked for.
    HINTS,
    /// The curve with its region, as far as it gives no answer away.
    CURVE;

    /// As it stands in files and options.
    public String key() {
      return name().toLowerCase(Locale.ROOT);
    }

    /// What a key stands for; empty for an unknown one.
    public static Optional<With> ofKey(String key) {
      return Arrays.stream(values()).filter(with -> with.key().equals(key)).findFirst();
    }
  }

  public SheetChoices {
    with =
        Collections.unmodifiableSet(
            with.isEmpty() ? EnumSet.noneOf(With.class) : EnumSet.copyOf(with));
  }

  /// What a new solution has: no head, A4, a grid to work on, a line for the name, tables and
  /// points.
  public static SheetChoices usual() {
    return new SheetChoices(
        "",
        "",
        "",
        PaperSize.A4,
        WorkingRoom.GRID,
        EnumSet.of(With.NAME, With.TABLE, With.POINTS),
        HandedOut.usual());
  }

  /// Whether something stands on the sheet.
  public boolean has(With what) {
    return with.contains(what);
  }

  /// With another head.
  public SheetChoices withHead(String newCourse, String newSheet, String newDue) {
    return new SheetChoices(newCourse, newSheet, newDue, paper, room, with, last);
  }

  /// On other paper.
  public SheetChoices on(PaperSize other) {
    return new SheetChoices(course, sheet, due, other, room, with, last);
  }

  /// Handed out to others, or in another form.
  public SheetChoices handedOut(HandedOut now) {
    return new SheetChoices(course, sheet, due, paper, room, with, now);
  }

  /// With other room for working.
  public SheetChoices withRoom(WorkingRoom other) {
    return new SheetChoices(course, sheet, due, paper, other, with, last);
  }

  /// With something on it, or without it.
  public SheetChoices with(With what, Presence presence) {
    EnumSet<With> changed = EnumSet.noneOf(With.class);
    changed.addAll(with);
    if (presence == Presence.ON) {
      changed.add(what);
    } else {
      changed.remove(what);
    }
    return new SheetChoices(course, sheet, due, paper, room, changed, last);
  }

  /// With just these things on it.
  public SheetChoices withOnly(Set<With> what) {
    return new SheetChoices(course, sheet, due, paper, room, what, last);
  }

  /// Whether something is on the sheet.
  public enum Presence {
    ON,
    OFF
  }
}
