package lehrgang.desktop.desk;

import lehrgang.documents.solutionfile.SolutionFile;

/// All that can change in the window, in its parts: each view takes those that it needs.
///
/// @param solution  which solution is open
/// @param worked    what it was worked out to
/// @param selection which of its numbers is selected
/// @param notices   what just happened
/// @param counting  counts its records
/// @param rewording rewrites its sentences
/// @param checking  marks the answers of a class
public record Desk(
    OpenSolution solution,
    WorkedOut worked,
    Selection selection,
    Notices notices,
    Counting counting,
    Rewording rewording,
    Checking checking) {
  /// A desk with a solution on it.
  public static Desk with(SolutionFile opened) {
    Notices notices = new Notices();
    Selection selection = new Selection();
    OpenSolution solution = new OpenSolution(opened, notices);
    WorkedOut worked = new WorkedOut(solution, selection, notices);
    return new Desk(
        solution,
        worked,
        selection,
        notices,
        new Counting(solution, notices),
        new Rewording(solution),
        new Checking(solution, worked, notices));
  }

  /// Lets go of what is under way beside the window, which nobody will see.
  public void stop() {
    solution.close();
    worked.stop();
    counting.stop();
    checking.stop();
  }
}
