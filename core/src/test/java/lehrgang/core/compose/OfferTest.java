package lehrgang.core.compose;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import lehrgang.core.data.TableEntry;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What composing begins with where the table at hand is of no use.
class OfferTest {
  static Stream<Procedure> composed() {
    return Procedures.all().stream().filter(one -> Offer.of(one.id()).isPresent());
  }

  @ParameterizedTest
  @MethodSource("composed")
  void aPlainTableIsOneOfTheProcedureHoweverLargeTheOneBeforeWas(Procedure procedure) {
    for (int rows = 2; rows <= 6; rows++) {
      for (int columns = 2; columns <= 6; columns++) {
        for (int layers : new int[] {0, 2, 3}) {
          TableEntry plain = Offer.plain(procedure, rows, columns, layers);
          assertThat(procedure.forms()).contains(plain.form());
          assertThat(plain.cells())
              .allSatisfy(row -> assertThat(row).hasSize(plain.columns().size()));
        }
      }
    }
  }
}
