package lehrgang.app;

import java.util.Iterator;
import lehrgang.core.compose.Offer;

/// The procedures whose tables are composed.
final class ComposedNames implements Iterable<String> {
  @Override
  public Iterator<String> iterator() {
    return Offer.procedures().iterator();
  }
}
