package lehrgang.documents.cases;

/// Watches long reading, and can end it.
public interface Progress {
  Progress NONE =
      new Progress() {
        @Override
        public void at(double share) {
          // Nobody watches.
        }

        @Override
        public boolean stopped() {
          return false;
        }
      };

  /// @param share of the work that is done, from 0 to 1
  void at(double share);

  /// Whether the work should end without a result.
  boolean stopped();
}
