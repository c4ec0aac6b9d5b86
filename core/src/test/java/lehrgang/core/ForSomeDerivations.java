package lehrgang.core;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// A test that holds for whatever derivation is drawn: it takes one of [SomeSolutions], and if it
/// likes a source of random numbers.
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@Sampled
@ParameterizedTest(name = "{0}")
@MethodSource("lehrgang.core.SomeSolutions#derivations")
public @interface ForSomeDerivations {}
