package lehrgang.documents.handout.working;

import java.io.File;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.opentest4j.TestAbortedException;

/// A browser without a window. Where a machine has none, what needs it is left out, which is said
/// on the console; with `LEHRGANG_BROWSER=required` it fails.
final class Browser implements AutoCloseable {
  private static final List<String> CHROMIUM =
      List.of("/usr/bin/chromium", "/usr/bin/chromium-browser", "/usr/bin/google-chrome");
  private static final List<String> DRIVER = List.of("/usr/bin/chromedriver");

  private static final String REQUIRED = "required";
  private static final AtomicBoolean SAID = new AtomicBoolean();

  private final ChromeDriver driver;

  private Browser(ChromeDriver driver) {
    this.driver = driver;
  }

  /// One as on a phone.
  static Browser onPhone() {
    return open(
        options ->
            options.setExperimentalOption(
                "mobileEmulation",
                Map.of(
                    "deviceMetrics",
                    Map.of("width", 390, "height", 844, "pixelRatio", 2.0, "touch", true))));
  }

  /// One as on a desk.
  static Browser onDesk() {
    return open(options -> options.addArguments("--window-size=1200,900"));
  }

  private static Browser open(Consumer<ChromeOptions> more) {
    Optional<File> browser = found(CHROMIUM);
    Optional<File> service = found(DRIVER);
    if (browser.isEmpty() || service.isEmpty()) {
      missing(browser.isEmpty() ? "chromium" : "chromedriver");
    }
    ChromeOptions options = new ChromeOptions();
    options.setBinary(browser.get());
    options.addArguments(
        "--headless=new",
        "--no-sandbox",
        "--disable-gpu",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
        "--no-first-run");
    more.accept(options);
    ChromeDriver driver =
        new ChromeDriver(
            new ChromeDriverService.Builder().usingDriverExecutable(service.get()).build(),
            options);
    driver.manage().timeouts().scriptTimeout(Duration.ofMinutes(5));
    return new Browser(driver);
  }

  private static void missing(String what) {
    String said = "There is no %s: tests of web pages are left out.".formatted(what);
    if (REQUIRED.equals(System.getenv("LEHRGANG_BROWSER"))) {
      throw new AssertionError(said);
    }
    if (SAID.compareAndSet(false, true)) {
      System.err.printf("%n%s%n%s%n%1$s%n%n", "#".repeat(said.length()), said);
    }
    throw new TestAbortedException(said);
  }

  private static Optional<File> found(List<String> places) {
    return places.stream().map(File::new).filter(File::canExecute).findFirst();
  }

  ChromeDriver driver() {
    return driver;
  }

  @Override
  public void close() {
    driver.quit();
  }
}
