package lehrgang.desktop;

import java.lang.annotation.ElementType;
import java.lang.annotation.Inherited;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.lang.reflect.Method;
import java.util.Random;
import lehrgang.core.Extent;
import lehrgang.core.Sampled;
import lehrgang.core.Seed;
import org.junit.jupiter.api.extension.ConditionEvaluationResult;
import org.junit.jupiter.api.extension.ExecutionCondition;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.ExtensionContext;

/// Tests that drive a window, of which each build runs a sample, another one each day; with
/// `-Dlehrgang.extent=exhaustive` all of them run.
@Target(ElementType.TYPE)
@Inherited
@Retention(RetentionPolicy.RUNTIME)
@Sampled
@ExtendWith(InTheSample.Condition.class)
public @interface InTheSample {
  /// Leaves out what is not in the sample of this build.
  final class Condition implements ExecutionCondition {
    private static final double PART = 0.3;

    @Override
    public ConditionEvaluationResult evaluateExecutionCondition(ExtensionContext context) {
      return Extent.isExhaustive() || context.getTestMethod().map(Condition::isDrawn).orElse(true)
          ? ConditionEvaluationResult.enabled("in the sample of this build")
          : ConditionEvaluationResult.disabled("not in the sample of this build");
    }

    private static boolean isDrawn(Method method) {
      String name = method.getDeclaringClass().getSimpleName() + "." + method.getName();
      return new Random(Seed.of(name)).nextDouble() < PART;
    }
  }
}
