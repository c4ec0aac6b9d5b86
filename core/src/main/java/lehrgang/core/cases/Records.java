package lehrgang.core.cases;

import java.util.List;
import java.util.Map;

/// Where the records of a solution are.
public sealed interface Records {
  /// What they are called, such as the name of their file.
  String name();

  /// The columns' names, in order.
  List<String> columns();

  /// How numbers are written in them.
  DecimalSign sign();

  /// They stay with the solution.
  record Kept(String name, DecimalSign sign, CaseTable cases) implements Records {
    @Override
    public List<String> columns() {
      return cases.columns();
    }
  }

  /// They stay in their file, being too many to be carried along.
  ///
  /// @param path     of the file
  /// @param checksum of the file when it was counted
  /// @param format   how the file is to be read, by name
  record InFile(
      String name,
      DecimalSign sign,
      List<String> columns,
      String path,
      String checksum,
      Map<String, String> format)
      implements Records {
    public InFile {
      columns = List.copyOf(columns);
      format = Map.copyOf(format);
    }
  }
}
