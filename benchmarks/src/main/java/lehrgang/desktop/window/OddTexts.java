package lehrgang.desktop.window;

import java.util.List;

/// What someone types and pastes who does not look.
final class OddTexts {
  static final List<String> TYPED =
      List.of(
          "",
          "0",
          "-3",
          "1,5",
          "0.05",
          "1/3",
          "10 %",
          "99999999999999",
          "1e9",
          "NaN",
          "Lake loop",
          "α",
          "a, b; c",
          "  7  ",
          "½",
          "12\t13",
          "=1+1",
          "<b>",
          "\u0000",
          "🥾");
  static final List<String> PASTED =
      List.of(
          "",
          "17",
          "a\tb\n1\t2\n",
          "route;spring;summer\nLake loop;12;13\nGorge path;7;x\n",
          "1\t2\n3\n4\t5\t6\n",
          "map,season\nyes,spring\nno,summer\nyes,summer\nno,spring\nyes,spring\n",
          "day\n2026-05-01\n2026-05-02\n2026-06-09\n",
          "name;expected spring;df\n17-001;12,5;2\n17-002;13;\n",
          "\t\t\n\t\n");

  private OddTexts() {}
}
