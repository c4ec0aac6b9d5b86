package lehrgang.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Holds the rooms of the house to their one direction.
@AnalyzeClasses(
    packages = "lehrgang",
    importOptions = {ImportOption.DoNotIncludeTests.class, RoomsTest.NoJarOfTests.class})
class RoomsTest {
  /// What tests of one module lend to those of others is no part of the house.
  static final class NoJarOfTests implements ImportOption {
    @Override
    public boolean includes(Location location) {
      return !location.contains("-tests.jar");
    }
  }

  private static final Path ROOT = Path.of("..");
  private static final String HOUSE = "lehrgang.";
  private static final Pattern IMPORT =
      Pattern.compile("^import (?:static )?lehrgang\\.([a-z.]+)\\.[A-Z]", Pattern.MULTILINE);

  /// What each room may know. Whoever needs more has either written something in the wrong room, or
  /// changes the house here.
  private static final Map<String, Set<String>> MAY_KNOW = mayKnow();

  private static Map<String, Set<String>> mayKnow() {
    Map<String, Set<String>> rooms = new LinkedHashMap<>();
    know(rooms, "core.work", "");
    know(rooms, "core.number", "");
    know(rooms, "core.expr", "core.number");
    know(rooms, "core.distribution", "core.number core.expr");
    know(rooms, "core.notation", "core.number core.expr");
    know(rooms, "core.simulation", "core.work core.number core.expr");
    know(rooms, "core.wording", "core.number core.expr core.notation");
    know(rooms, "core.data", "core.number core.wording");
    know(rooms, "core.cases", "core.number core.wording core.data");
    know(
        rooms,
        "core.derivation",
        "core.work core.number core.expr core.notation core.wording core.data core.simulation");
    know(rooms, "core.solution", "core.number core.notation core.data core.cases core.derivation");
    String belowPages =
        "core.work core.number core.expr core.distribution core.notation core.simulation"
            + " core.wording core.data core.cases core.derivation core.solution";
    know(rooms, "core.page", belowPages);
    know(rooms, "core.marking", belowPages);
    know(rooms, "core.lesson", belowPages + " core.page");
    know(rooms, "core.compose", belowPages + " core.procedure");
    know(rooms, "core.procedure", belowPages);
    String belowFamilies = belowPages + " core.procedure";
    know(rooms, "core.procedure.parts", belowFamilies);
    for (String family :
        List.of("twoway", "fit", "named", "shares", "pairs", "exact", "layers", "chance")) {
      know(rooms, "core.procedure." + family, belowFamilies + " core.procedure.parts");
    }
    String core = belowFamilies + " core.page core.marking core.compose";
    know(rooms, "documents.file", "core.wording");
    String onFiles = core + " documents.file";
    know(rooms, "documents.solutionfile", onFiles);
    know(rooms, "documents.report", core);
    know(rooms, "documents.delimited", "");
    know(rooms, "documents.table", core + " documents.report documents.delimited");
    know(rooms, "documents.cases", onFiles + " documents.table documents.delimited");
    know(rooms, "documents.marks", onFiles + " documents.table documents.cases");
    know(rooms, "documents.journal", "");
    know(rooms, "documents.look", "");
    know(rooms, "documents.typeset", core + " documents.look");
    know(rooms, "documents.paper", core + " documents.look documents.typeset");
    know(rooms, "documents.figure", onFiles + " documents.look documents.paper");
    know(rooms, "documents.handout.order", core);
    String sheets = core + " documents.look documents.figure documents.handout.order";
    know(rooms, "documents.handout.html", sheets);
    know(rooms, "documents.handout.pdf", sheets + " documents.typeset documents.paper");
    know(rooms, "documents.handout.working", sheets + " documents.handout.html");
    know(rooms, "documents.handout.markdown", sheets);
    know(rooms, "documents.handout.tex", sheets + " documents.typeset");
    know(rooms, "documents.handout.odt", sheets + " documents.file documents.typeset");
    know(rooms, "documents.handout.qti", sheets + " documents.file");
    String forms =
        " documents.handout.order documents.handout.html documents.handout.pdf"
            + " documents.handout.markdown documents.handout.tex documents.handout.odt"
            + " documents.handout.working documents.handout.qti";
    know(rooms, "documents.handout", core + " documents.file" + forms);
    know(
        rooms,
        "documents.personal",
        onFiles
            + " documents.solutionfile documents.cases documents.table documents.handout"
            + " documents.handout.order");
    String documents =
        onFiles
            + " documents.solutionfile documents.report documents.delimited documents.table"
            + " documents.cases"
            + " documents.marks documents.personal documents.journal"
            + " documents.look documents.typeset documents.figure documents.paper"
            + forms
            + " documents.handout";
    know(rooms, "desktop.kit", "core.work documents.look documents.file");
    know(rooms, "desktop.desk", documents + " desktop.kit");
    String aView = documents + " desktop.kit desktop.desk";
    know(rooms, "desktop.page", aView);
    know(rooms, "desktop.start", aView);
    know(rooms, "desktop.handout", aView);
    know(rooms, "desktop.check", aView + " desktop.page");
    know(rooms, "desktop.compose", aView);
    know(rooms, "desktop.show", aView + " desktop.page core.lesson");
    know(rooms, "desktop.recipe", aView + " desktop.page");
    know(rooms, "desktop.records", aView + " desktop.recipe");
    know(rooms, "desktop.write.table", aView + " desktop.page");
    know(rooms, "desktop.write", aView + " desktop.page desktop.write.table desktop.recipe");
    know(
        rooms,
        "desktop.window",
        aView
            + " desktop.page desktop.start desktop.records desktop.write desktop.handout"
            + " desktop.check desktop.show desktop.compose");
    know(rooms, "app", documents + " desktop.window");
    return rooms;
  }

  private static void know(Map<String, Set<String>> rooms, String room, String known) {
    rooms.put(
        room,
        Arrays.stream(known.split(" "))
            .filter(name -> !name.isEmpty())
            .collect(Collectors.toCollection(TreeSet::new)));
  }

  private static Optional<String> room(JavaClass found) {
    return found.getPackageName().startsWith(HOUSE)
        ? Optional.of(found.getPackageName().substring(HOUSE.length()))
        : Optional.empty();
  }

  /// A violation that says which way the arrow would have to point.
  private static Optional<String> wrong(String from, String to, String where) {
    if (from.equals(to) || MAY_KNOW.getOrDefault(from, Set.of()).contains(to)) {
      return Optional.empty();
    }
    boolean above = MAY_KNOW.getOrDefault(to, Set.of()).contains(from);
    String remedy =
        above
            ? "what needs both belongs in " + to
            : "what both need belongs in a room that both may know, or in one above them";
    return Optional.of("%s: %s must not know %s; %s".formatted(where, from, to, remedy));
  }

  @ArchTest
  static void arrowsPointOneWay(JavaClasses house) {
    Set<String> wrong = new TreeSet<>();
    for (JavaClass found : house) {
      found
          .getDirectDependenciesFromSelf()
          .forEach(
              dependency ->
                  room(found)
                      .flatMap(
                          from ->
                              room(dependency.getTargetClass())
                                  .flatMap(to -> wrong(from, to, found.getName())))
                      .ifPresent(wrong::add));
    }
    assertThat(wrong).isEmpty();
  }

  private static List<Path> sources() {
    try (Stream<Path> files = Files.walk(ROOT)) {
      return files
          .filter(file -> file.toString().contains("/src/main/java/"))
          .filter(file -> file.toString().endsWith(".java"))
          .filter(file -> !file.startsWith(ROOT.resolve("benchmarks")))
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String read(Path file) {
    try {
      return Files.readString(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String room(Path source) {
    String name = source.toString();
    return name.substring(name.indexOf("/src/main/java/lehrgang/") + 24, name.lastIndexOf('/'))
        .replace('/', '.');
  }

  /// The compiler copies constants, and nothing of where they came from is left in the classes.
  @ArchTest
  static void noRoomTakesAConstantFromWhereItMayNotLook(JavaClasses house) {
    List<String> wrong = new ArrayList<>();
    for (Path source : sources()) {
      Matcher imports = IMPORT.matcher(read(source));
      while (imports.find()) {
        wrong(room(source), imports.group(1), source.getFileName().toString())
            .ifPresent(wrong::add);
      }
    }
    assertThat(wrong).isEmpty();
  }

  @ArchTest
  static void everyRoomSaysWhatItIsFor(JavaClasses house) {
    Set<String> rooms = sources().stream().map(RoomsTest::room).collect(Collectors.toSet());
    assertThat(rooms).isEqualTo(MAY_KNOW.keySet());
    Set<String> said =
        sources().stream()
            .filter(source -> source.endsWith("package-info.java"))
            .map(RoomsTest::room)
            .collect(Collectors.toSet());
    assertThat(said).isEqualTo(rooms);
  }

  @ArchTest
  static void noTwoClassesOfAModuleShareAName(JavaClasses house) {
    Map<String, Long> names =
        sources().stream()
            .filter(source -> !source.endsWith("package-info.java"))
            .map(source -> room(source).split("\\.")[0] + " " + source.getFileName())
            .collect(Collectors.groupingBy(name -> name, Collectors.counting()));
    assertThat(names).allSatisfy((name, times) -> assertThat(times).as(name).isEqualTo(1));
  }

  @ArchTest
  static final ArchRule NO_CIRCLES =
      slices()
          .matching("lehrgang.(**)")
          .should()
          .beFreeOfCycles()
          .because("a circle is one room with a wall through it");

  @ArchTest
  static final ArchRule THE_CORE_HAS_NO_WINDOW_NO_FILES_AND_NO_CLOCK =
      noClasses()
          .that()
          .resideInAPackage("lehrgang.core..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "javafx..", "java.awt..", "java.io..", "java.nio.file..", "java.net..")
          .orShould()
          .dependOnClassesThat()
          .haveFullyQualifiedName("java.time.Clock")
          .orShould()
          .dependOnClassesThat()
          .haveFullyQualifiedName("java.time.Instant")
          .orShould()
          .callMethod(java.time.LocalDate.class, "now")
          .because("the computation belongs in core, and what touches the machine in documents");

  @ArchTest
  static final ArchRule DOCUMENTS_HAVE_NO_WINDOW =
      noClasses()
          .that()
          .resideInAPackage("lehrgang.documents..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("javafx..")
          .because("a document is made without a toolkit");

  @ArchTest
  static final ArchRule NUMBERS_KNOW_NOTHING_ABOVE_THEM =
      classes()
          .that()
          .resideInAPackage("lehrgang.core.number..")
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage(
              "lehrgang.core.number..",
              "java..",
              "org.apache.commons.numbers..",
              "ch.obermuhlner..")
          .because("number is the lowest room");

  @ArchTest
  static final ArchRule FORMULAS_KNOW_NUMBERS_ONLY =
      classes()
          .that()
          .resideInAPackage("lehrgang.core.expr..")
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage("lehrgang.core.expr..", "lehrgang.core.number..", "java..")
          .because("a formula is data; what is read from it lives in the rooms above");
}
