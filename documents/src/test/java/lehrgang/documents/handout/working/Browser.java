package lehrgang.documents.handout.working;

import static org.assertj.core.api.Assumptions.assumeThat;

import java.io.File;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;

/// A browser without a window. Where a machine has none, what needs it is left out.
final class Browser implements AutoCloseable {
  private static final List<String> CHROMIUM =
      List.of("/usr/bin/chromium", "/usr/bin/chromium-browser", "/usr/bin/google-chrome");
  private static final List<String> DRIVER = List.of("/usr/bin/chromedriver");

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
    assumeThat(browser).as("chromium").isPresent();
    assumeThat(service).as("chromedriver").isPresent();
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
