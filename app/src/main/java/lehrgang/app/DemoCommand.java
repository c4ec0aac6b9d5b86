package lehrgang.app;

import java.util.concurrent.Callable;
import picocli.CommandLine.Command;

/// `lehrgang demo`.
@Command(name = "demo", resourceBundle = "lehrgang.app.messages", mixinStandardHelpOptions = true)
final class DemoCommand implements Callable<Integer> {
  @Override
  public Integer call() {
    return Desktop.demo(System.out);
  }
}
