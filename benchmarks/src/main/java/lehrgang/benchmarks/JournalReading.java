package lehrgang.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import lehrgang.desktop.desk.JournalUse;
import lehrgang.documents.journal.Journal;
import lehrgang.documents.journal.JournalFolder;
import lehrgang.documents.solutionfile.SolutionFile;
import tools.jackson.databind.json.JsonMapper;

/// What a window left behind.
final class JournalReading implements Reading {
  private static final JsonMapper JSON = JsonMapper.shared();

  @Override
  public void read(byte[] bytes, Path folder) throws IOException {
    Path journals = folder.resolve("journals");
    Files.createDirectories(journals);
    Files.write(journals.resolve("left.journal"), bytes);
    for (Journal journal : new JournalFolder(journals).left()) {
      JournalUse.replay(journal.entries());
      journal.close();
    }
  }

  @Override
  public List<byte[]> seeds() {
    String demo = JSON.writeValueAsString(SolutionFile.demo().text());
    return Reading.texts(
        "{\"did\":\"open\",\"path\":\"a.lehrgang\",\"text\":" + demo + "}\n",
        "{\"did\":\"open\",\"text\":"
            + demo
            + "}\n"
            + "{\"did\":\"edit\",\"thing\":\"title\",\"at\":3,\"drop\":1,\"put\":\" \"}\n"
            + "{\"did\":\"undo\"}\n"
            + "{\"did\":\"redo\"}\n"
            + "{\"did\":\"pause\"}\n"
            + "{\"did\":\"close\"}\n",
        "{\"did\":\"resume\",\"saved\":" + demo + ",\"now\":" + demo + "}\n");
  }
}
