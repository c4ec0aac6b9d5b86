package lehrgang.core;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.AnnotationTree;
import com.sun.source.tree.ClassTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.LambdaExpressionTree;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.tree.NewClassTree;
import com.sun.source.tree.ThrowTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.DocTrees;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreePathScanner;
import com.sun.source.util.TreeScanner;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.lang.model.element.Modifier;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/// What the sources promise to those who call them.
class DocCommentsTest {
  private static final Path SOURCES = Path.of("src/main/java");

  /// @param documented whether it has a comment
  /// @param refuses    whether its own body throws
  /// @param saysSo     whether the comment names what is thrown
  private record Method(String place, boolean documented, boolean refuses, boolean saysSo) {}

  private static final List<Method> METHODS = new ArrayList<>();
  private static final List<String> SILENT_REFUSALS = new ArrayList<>();

  @BeforeAll
  static void readSources() throws IOException {
    var compiler = ToolProvider.getSystemJavaCompiler();
    var files = compiler.getStandardFileManager(null, null, null);
    List<Path> sources;
    try (var found = Files.walk(SOURCES)) {
      sources = found.filter(DocCommentsTest::isSource).sorted().toList();
    }
    var task =
        (JavacTask)
            compiler.getTask(
                null, files, null, null, null, files.getJavaFileObjectsFromPaths(sources));
    DocTrees comments = DocTrees.instance(task);
    for (CompilationUnitTree unit : task.parse()) {
      new Reader(unit, comments).scan(unit, true);
    }
  }

  private static boolean isSource(Path file) {
    String name = file.getFileName().toString();
    return name.endsWith(".java") && !name.equals("package-info.java");
  }

  @Test
  void everyPublicMethodIsDescribed() {
    assertThat(METHODS).hasSizeGreaterThan(500);
    assertThat(METHODS.stream().filter(method -> !method.documented()).map(Method::place))
        .isEmpty();
  }

  @Test
  void whatAMethodRefusesIsSaid() {
    assertThat(
            METHODS.stream()
                .filter(method -> method.refuses() && !method.saysSo())
                .map(Method::place))
        .isEmpty();
  }

  @Test
  void aRefusalNamesTheValue() {
    assertThat(SILENT_REFUSALS).isEmpty();
  }

  /// Collects the public methods of public types; the argument is whether all types around are
  /// public.
  private static final class Reader extends TreePathScanner<Void, Boolean> {
    private final CompilationUnitTree unit;
    private final DocTrees comments;

    Reader(CompilationUnitTree unit, DocTrees comments) {
      this.unit = unit;
      this.comments = comments;
    }

    @Override
    public Void visitClass(ClassTree type, Boolean open) {
      boolean isPublic =
          type.getModifiers().getFlags().contains(Modifier.PUBLIC) || isInInterface();
      return super.visitClass(type, open && isPublic);
    }

    @Override
    public Void visitMethod(MethodTree method, Boolean open) {
      var flags = method.getModifiers().getFlags();
      boolean isPublic =
          flags.contains(Modifier.PUBLIC) || isInInterface() && !flags.contains(Modifier.PRIVATE);
      boolean inherits =
          method.getModifiers().getAnnotations().stream()
              .map(AnnotationTree::getAnnotationType)
              .anyMatch(name -> name.toString().equals("Override"));
      boolean refuses = refuses(method);
      if (open && isPublic && !inherits && (refuses || !isCompactConstructor(method))) {
        String comment = comments.getDocComment(getCurrentPath());
        METHODS.add(
            new Method(
                place(method),
                comment != null,
                refuses,
                comment != null && comment.contains("@throws")));
      }
      return super.visitMethod(method, open);
    }

    @Override
    public Void visitNewClass(NewClassTree created, Boolean open) {
      boolean refusal = created.getIdentifier().toString().equals("IllegalArgumentException");
      if (refusal
          && (created.getArguments().isEmpty()
              || created.getArguments().getFirst() instanceof LiteralTree)) {
        SILENT_REFUSALS.add(place(created));
      }
      return super.visitNewClass(created, open);
    }

    private boolean isInInterface() {
      return getCurrentPath().getParentPath().getLeaf().getKind() == Tree.Kind.INTERFACE;
    }

    /// A record's own constructor, which the comment of the record describes.
    private boolean isCompactConstructor(MethodTree method) {
      return method.getName().contentEquals("<init>")
          && getCurrentPath().getParentPath().getLeaf().getKind() == Tree.Kind.RECORD
          && text(method).matches("(?s)(public\\s+)?\\w+\\s*\\{.*");
    }

    private String text(Tree tree) {
      var positions = comments.getSourcePositions();
      try {
        return unit.getSourceFile()
            .getCharContent(true)
            .subSequence(
                (int) positions.getStartPosition(unit, tree),
                (int) positions.getEndPosition(unit, tree))
            .toString();
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }

    private static boolean refuses(MethodTree method) {
      boolean[] found = {false};
      new TreeScanner<Void, Void>() {
        @Override
        public Void visitThrow(ThrowTree thrown, Void none) {
          found[0] = true;
          return null;
        }

        @Override
        public Void visitLambdaExpression(LambdaExpressionTree lambda, Void none) {
          return null;
        }

        @Override
        public Void visitClass(ClassTree inner, Void none) {
          return null;
        }
      }.scan(method.getBody(), null);
      return found[0];
    }

    private String place(Tree tree) {
      long position = comments.getSourcePositions().getStartPosition(unit, tree);
      return "%s:%d"
          .formatted(unit.getSourceFile().getName(), unit.getLineMap().getLineNumber(position));
    }
  }
}
