package lehrgang.core.expr;

/// Carries a reason from the depth of a formula to [Evaluator], which turns it into a result; it
/// never leaves this package.
final class NoValue extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient Reason reason;

  private NoValue(Reason reason) {
    super("no value", null, false, false);
    this.reason = reason;
  }

  static NoValue because(Reason reason) {
    return new NoValue(reason);
  }

  Reason reason() {
    return reason;
  }
}
