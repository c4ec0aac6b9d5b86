package lehrgang.app;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.encoder.PatternLayoutEncoder;
import ch.qos.logback.classic.spi.Configurator;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.rolling.FixedWindowRollingPolicy;
import ch.qos.logback.core.rolling.RollingFileAppender;
import ch.qos.logback.core.rolling.SizeBasedTriggeringPolicy;
import ch.qos.logback.core.spi.ContextAwareBase;
import ch.qos.logback.core.util.FileSize;
import java.nio.file.Path;

/// Where the program writes down what a user is not told: a file in their data folder, and two
/// older ones. Set up here and not in a file of settings, since to read one takes classes and time
/// whenever a window opens.
public final class LogFile extends ContextAwareBase implements Configurator {
  private static final long MOST = 2 * FileSize.MB_COEFFICIENT;
  private static final int OLDER = 2;

  @Override
  public ExecutionStatus configure(LoggerContext context) {
    Path log = UserFolder.log();
    PatternLayoutEncoder line = new PatternLayoutEncoder();
    line.setContext(context);
    line.setPattern("%d %-5level %logger{20} %msg%n");
    line.start();

    RollingFileAppender<ILoggingEvent> file = new RollingFileAppender<>();
    file.setContext(context);
    file.setName("file");
    file.setFile(log.toString());
    file.setEncoder(line);

    FixedWindowRollingPolicy older = new FixedWindowRollingPolicy();
    older.setContext(context);
    older.setParent(file);
    older.setFileNamePattern(log.resolveSibling("lehrgang.%i.log").toString());
    older.setMinIndex(1);
    older.setMaxIndex(OLDER);
    older.start();

    SizeBasedTriggeringPolicy<ILoggingEvent> full = new SizeBasedTriggeringPolicy<>();
    full.setContext(context);
    full.setMaxFileSize(new FileSize(MOST));
    full.start();

    file.setRollingPolicy(older);
    file.setTriggeringPolicy(full);
    file.start();

    Logger root = context.getLogger(org.slf4j.Logger.ROOT_LOGGER_NAME);
    root.setLevel(Level.INFO);
    root.addAppender(file);
    return ExecutionStatus.DO_NOT_INVOKE_NEXT_IF_ANY;
  }
}
