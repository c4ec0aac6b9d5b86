package lehrgang.documents.figure;

import java.util.Arrays;
import java.util.stream.Collectors;
import lehrgang.documents.figure.Drawing.Ink;

/// The colours of a figure that leaves the program by itself: those of the light set of tokens.
final class PrintInk {
  private PrintInk() {}

  /// As `0xRRGGBB`.
  static int of(Ink ink) {
    return switch (ink) {
      case INK, OBSERVED -> 0x22304A;
      case SOFT -> 0x5C6880;
      case FAINT -> 0x6E7A90;
      case LINE -> 0xD9DCE3;
      case PAPER -> 0xFFFFFF;
      case REJECTION, FEWER -> 0xC2402D;
      case REJECTION_SOFT -> 0xF3D9D2;
      case EXPECTED -> 0x9A5C00;
      case MORE -> 0x0F7B74;
    };
  }

  /// The custom properties by which inline SVG asks for its colours.
  static String styleSheet() {
    return Arrays.stream(Ink.values())
        .map(ink -> "%s: #%06X;".formatted(Svg.property(ink), of(ink)))
        .collect(Collectors.joining(" ", "svg { ", " font-family: 'Source Sans 3', sans-serif; }"));
  }
}
