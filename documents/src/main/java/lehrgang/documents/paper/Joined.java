package lehrgang.documents.paper;

import java.util.ArrayList;
import java.util.List;

/// Words of a line joined into as few pieces of text as can be, with the spaces between them, so
/// that who copies or searches the text finds words and not letters.
final class Joined {
  private static final double TOLERANCE = 0.02;

  private Joined() {}

  static List<Paint> words(List<Paint> paints) {
    List<Paint> joined = new ArrayList<>();
    for (Paint paint : paints) {
      if (!joined.isEmpty()
          && joined.getLast() instanceof Paint.Text before
          && paint instanceof Paint.Text next
          && canFollow(before, next)) {
        double end = before.x() + before.typeface().width(before.text(), before.size());
        boolean touches = Math.abs(next.x() - end) < TOLERANCE;
        String text = before.text() + (touches ? "" : " ") + next.text();
        joined.removeLast();
        joined.add(
            new Paint.Text(
                before.x(), before.y(), text, before.typeface(), before.size(), before.colour()));
      } else {
        joined.add(paint);
      }
    }
    return joined;
  }

  private static boolean canFollow(Paint.Text before, Paint.Text next) {
    double end = before.x() + before.typeface().width(before.text(), before.size());
    double space = before.typeface().width(" ", before.size());
    boolean alike =
        before.typeface() == next.typeface()
            && before.size() == next.size()
            && before.colour() == next.colour()
            && before.y() == next.y();
    double gap = next.x() - end;
    return alike && (Math.abs(gap) < TOLERANCE || Math.abs(gap - space) < TOLERANCE);
  }
}
