package lehrgang.benchmarks;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/// Whatever the program reads from outside. Any bytes at all lead to a result or to one sentence.
enum Readable {
  TABLE(new TableReading()),
  RECORDS(new RecordsReading()),
  WORKBOOK(new WorkbookReading()),
  GAPS(new GapsReading()),
  SOLUTION(new SolutionReading()),
  STYLE(new StyleReading()),
  ANSWERS(new AnswersReading()),
  CLASS_LIST(new ClassListReading()),
  REMAINS(new RemainsReading()),
  JOURNAL(new JournalReading()),
  OPTIONS(new OptionsReading());

  private final Reading reading;

  Readable(Reading reading) {
    this.reading = reading;
  }

  Reading reading() {
    return reading;
  }

  String key() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  static Optional<Readable> ofKey(String key) {
    return Arrays.stream(values()).filter(one -> one.key().equals(key)).findFirst();
  }
}
