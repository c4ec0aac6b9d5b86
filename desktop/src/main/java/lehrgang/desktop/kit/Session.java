package lehrgang.desktop.kit;

/// The time during which one thing, such as a solution, is open in a window. Work that was begun in
/// a session is of use in that session only: what ends after it is dropped.
public final class Session {
  private volatile boolean open = true;

  /// Whether it goes on; may be asked by any thread.
  public boolean isOpen() {
    return open;
  }

  /// Ends it for good.
  public void end() {
    open = false;
  }
}
