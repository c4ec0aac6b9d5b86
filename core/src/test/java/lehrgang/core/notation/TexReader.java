package lehrgang.core.notation;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Map;
import java.util.Set;

/// Reads TeX for math mode as TeX would: groups close in the order in which they were opened,
/// commands get the arguments that they take, and nothing has two subscripts.
final class TexReader {
  private static final Map<String, Integer> ARGUMENTS =
      Map.of("frac", 2, "sqrt", 1, "mathrm", 1, "underline", 1, "hspace", 1, "hat", 1);

  private static final Set<String> SIGNS =
      Set.of(
          "chi",
          "alpha",
          "beta",
          "delta",
          "lambda",
          "theta",
          "prime",
          "varphi",
          "Phi",
          "pi",
          "Sigma",
          "infty",
          "cdot",
          "times",
          "approx",
          "ge",
          "le",
          "cdots",
          "ldots",
          "sum",
          "textbackslash",
          "textasciitilde",
          "textasciicircum");

  private final String tex;
  private int at;
  private boolean inText;

  private TexReader(String tex) {
    this.tex = tex;
  }

  /// @throws AssertionError that says what is wrong, and where
  static void read(String tex) {
    new TexReader(tex).sequence('\0');
  }

  private boolean done() {
    return at == tex.length();
  }

  private AssertionError wrong(String what) {
    return new AssertionError("%s at place %d of %s".formatted(what, at, tex));
  }

  private void sequence(char end) {
    Deque<String> fences = new ArrayDeque<>();
    String scripts = "";
    while (!done() && tex.charAt(at) != end) {
      char sign = tex.charAt(at++);
      switch (sign) {
        case '{' -> {
          sequence('}');
          close('}');
          scripts = "";
        }
        case '}' -> throw wrong("a group that was not opened is closed");
        case '_', '^' -> {
          if (scripts.indexOf(sign) >= 0) {
            throw wrong("two scripts " + sign);
          }
          scripts += sign;
          argument();
        }
        case '\\' -> {
          command(fences);
          scripts = "";
        }
        case '%', '&', '#', '$' -> throw wrong("a bare " + sign);
        default -> {
          if (sign > '~' && !(inText && Character.isLetter(sign))) {
            throw wrong("a sign that plain TeX has not: " + sign);
          }
          scripts = sign == '\'' ? scripts : "";
        }
      }
    }
    if (!fences.isEmpty()) {
      throw wrong("a fence is left open");
    }
  }

  private void close(char end) {
    if (done()) {
      throw wrong("a group is left open");
    }
    at++;
  }

  private void argument() {
    if (done() || tex.charAt(at) != '{') {
      throw wrong("no group");
    }
    at++;
    sequence('}');
    close('}');
  }

  private void command(Deque<String> fences) {
    int from = at;
    while (!done() && Character.isLetter(tex.charAt(at))) {
      at++;
    }
    if (at == from) {
      at++;
      return;
    }
    String name = tex.substring(from, at);
    switch (name) {
      case "left" -> {
        fences.push(name);
        at++;
      }
      case "right" -> {
        if (fences.poll() == null) {
          throw wrong("a fence that was not opened is closed");
        }
        at++;
      }
      case "text" -> {
        inText = true;
        argument();
        inText = false;
      }
      default -> {
        if (ARGUMENTS.containsKey(name)) {
          for (int k = 0; k < ARGUMENTS.get(name); k++) {
            argument();
          }
        } else if (!SIGNS.contains(name)) {
          throw wrong("\\" + name + " is not known");
        }
      }
    }
  }
}
