package lehrgang.core.solution;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;

/// A choice that a procedure leaves to the instructor, as data: the window, the solution file and
/// the command line all read it. Its words stand in the bundle under `option.ID` and, for the
/// command line, `flag.NAME`.
public sealed interface ProcedureOption {
  /// Its name in files.
  String id();

  /// The id of the step in which it is chosen.
  String step();

  /// What is chosen before anything was.
  String usual();

  /// The name of its flag on the command line, without dashes.
  String flag();

  /// The data for which there is anything to choose.
  enum Scope {
    ANY,
    /// Counts by two variables.
    TWO_WAY,
    TWO_BY_TWO,
    /// More than two rows or more than two columns.
    LARGER,
    STATED_SHARES;

    /// The end of the key of its words.
    public String key() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /// Whether a table is of this sort.
    public boolean holds(TableEntry table) {
      return switch (this) {
        case ANY -> true;
        case TWO_WAY -> table.form() == TableForm.TWO_WAY;
        case TWO_BY_TWO -> isTwoByTwo(table);
        case LARGER -> !isTwoByTwo(table);
        case STATED_SHARES -> table.form() == TableForm.FREQUENCIES && table.columns().size() == 2;
      };
    }

    private static boolean isTwoByTwo(TableEntry table) {
      return table.rows().size() == 2 && table.columns().size() == 2;
    }
  }

  /// By what a choice is settled.
  enum Settled {
    /// Each problem asks for its own.
    BY_PROBLEM,
    /// A course does it one way.
    BY_COURSE
  }

  /// A choice between a few values.
  ///
  /// @param values on offer; the first is the usual one
  /// @param scope  the data for which there is anything to choose
  /// @param sets   the value that the flag stands for; empty where the flag takes one
  /// @param switches values that have a flag of their own, by flag
  /// @param settled by whom it is settled
  record OneOf(
      String id,
      String step,
      List<String> values,
      Scope scope,
      String flag,
      Optional<String> sets,
      Map<String, String> switches,
      Settled settled)
      implements ProcedureOption {
    public OneOf {
      values = List.copyOf(values);
      switches = Map.copyOf(switches);
    }

    /// A choice for any data, by a flag that takes its value.
    public OneOf(String id, String step, String flag, String... values) {
      this(
          id,
          step,
          List.of(values),
          Scope.ANY,
          flag,
          Optional.empty(),
          Map.of(),
          Settled.BY_PROBLEM);
    }

    /// The same, where a course does it one way in all its problems.
    public OneOf byCourse() {
      return new OneOf(id, step, values, scope, flag, sets, switches, Settled.BY_COURSE);
    }

    /// The same for some data only.
    public OneOf within(Scope its) {
      return new OneOf(id, step, values, its, flag, sets, switches, settled);
    }

    /// The same, with a flag that stands for one of the values.
    public OneOf setBy(String name, String value) {
      return new OneOf(id, step, values, scope, name, Optional.of(value), switches, settled);
    }

    /// The same, with another flag that stands for one of the values.
    public OneOf alsoSetBy(String name, String value) {
      return new OneOf(id, step, values, scope, flag, sets, Map.of(name, value), settled);
    }

    @Override
    public String usual() {
      return values.getFirst();
    }
  }

  /// Whether the command line must be told a number.
  enum Need {
    USUAL_WILL_DO,
    ASKED_FOR
  }

  /// An option that has a value.
  record Setting(OneOf option, String value) {}

  /// A number that is typed inside a sentence of the page.
  ///
  /// @param usual what is taken where none is given; blank where the procedure finds one out
  /// @param when  the choice without which there is no such number
  record Typed(String id, String step, String usual, String flag, Need need, Optional<Setting> when)
      implements ProcedureOption {
    /// A number that has its usual value where none is given.
    public Typed(String id, String step, String usual, String flag) {
      this(id, step, usual, flag, Need.USUAL_WILL_DO, Optional.empty());
    }

    /// The same, and the command line must be told.
    public Typed askedFor() {
      return new Typed(id, step, usual, flag, Need.ASKED_FOR, when);
    }

    /// The same, where an option has a value.
    public Typed when(OneOf option, String value) {
      return new Typed(id, step, usual, flag, need, Optional.of(new Setting(option, value)));
    }
  }
}
