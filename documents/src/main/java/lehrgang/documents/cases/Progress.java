package lehrgang.documents.cases;

import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;

/// Watches long reading, and can end it.
public interface Progress {
  /// Nobody watches.
  Progress NONE = of(_ -> {}, () -> false);

  static Progress of(DoubleConsumer share, BooleanSupplier stopped) {
    return new Progress() {
      @Override
      public void at(double done) {
        share.accept(done);
      }

      @Override
      public boolean stopped() {
        return stopped.getAsBoolean();
      }
    };
  }

  /// @param share of the work that is done, from 0 to 1
  void at(double share);

  /// Whether the work should end without a result.
  boolean stopped();
}
