package lehrgang.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.file.FileProblem;

/// Records as text, seen, taken for what they are, and counted.
final class RecordsReading implements Reading {
  @Override
  public void read(byte[] bytes, Path folder) throws IOException, FileProblem {
    Reading.count(CaseSource.open(Files.write(folder.resolve("records.csv"), bytes)));
  }

  @Override
  public List<byte[]> seeds() {
    return Reading.texts(
        "route,season,day\nLake loop,spring,2026-05-01\nGorge path,summer,2026-06-12\n",
        "Weg;Karte;Zeit\n\"See;runde\";ja;1,5\n'Klamm';nein;\n",
        "a\tb\n1\t2\n",
        "\uFEFFx|y\n1|2\n\n3|4\n");
  }
}
