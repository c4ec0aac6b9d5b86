package lehrgang.app;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.core.FileAppender;
import org.junit.jupiter.api.Test;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// What a user is not told is written down where their data are.
class LogFileTest {
  @Test
  void whatIsLoggedGoesToTheUsersFolderAndNotToTheScreen() {
    LoggerContext context = (LoggerContext) LoggerFactory.getILoggerFactory();
    assertThat(context.getLogger(Logger.ROOT_LOGGER_NAME).iteratorForAppenders())
        .toIterable()
        .singleElement()
        .isInstanceOfSatisfying(
            FileAppender.class,
            file -> {
              assertThat(file.getFile()).isEqualTo(UserFolder.log().toString());
              assertThat(file.isStarted()).isTrue();
            });
  }
}
