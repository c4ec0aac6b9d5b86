package lehrgang.benchmarks;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.wording.Wording;
import lehrgang.documents.solutionfile.SolutionFile;
import lehrgang.documents.table.TableImport;

/// A table on the clipboard, in each form, worked out.
final class TableReading implements Reading {
  @Override
  public void read(byte[] bytes, Path folder) {
    String text = new String(bytes, StandardCharsets.UTF_8);
    take(TableImport.read(text));
    take(TableImport.readLayers(text));
    take(TableImport.readFrequencies(text));
    for (TableForm form : TableForm.values()) {
      take(TableImport.readAs(form, text));
    }
  }

  @Override
  public List<byte[]> seeds() {
    return Reading.texts(
        "route,spring,summer\nLake loop,12,13\nGorge path,7,20\n",
        "\tspring\tsummer\ttotal\nLake loop\t12\t13\t25\ntotal\t12\t13\t25\n",
        "species;observed\nrowan;12\nlarch;1.204,5\n",
        "map\nseason;yes;no\nspring;1;2\nsummer;3;4\n\nno map\nseason;yes;no\nspring;1;2\n",
        "gate,hut,yes,no\nNorth,A,1,2\nNorth,B,3,4\nSouth,A,5,6\nSouth,B,7,8\n",
        "1 2\n3 4\n");
  }

  private void take(TableImport.Result result) {
    switch (result) {
      case TableImport.Unreadable(var problem) ->
          Reading.sentence(Wording.english().text(problem.sentence()));
      case TableImport.Recognised recognised -> {
        recognised.notes().forEach(note -> Reading.sentence(Wording.english().text(note)));
        work(recognised.table());
        recognised.withTotals().ifPresent(this::work);
      }
    }
  }

  private void work(TableEntry table) {
    Procedures.all().stream()
        .filter(procedure -> procedure.forms().contains(table.form()))
        .map(procedure -> SolutionFile.blank(procedure).solution().withTable(table))
        .forEach(Reading::page);
  }
}
