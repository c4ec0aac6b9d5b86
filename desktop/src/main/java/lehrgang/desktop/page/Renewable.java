package lehrgang.desktop.page;

import lehrgang.core.page.PageBlock;

/// A node that can take on a changed block of its own shape, which is many times quicker than a new
/// node.
public interface Renewable {
  /// Shows another block.
  ///
  /// @return whether it could; if not, the node is as before
  boolean renew(PageBlock block);
}
