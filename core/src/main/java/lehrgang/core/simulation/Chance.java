package lehrgang.core.simulation;

import org.apache.commons.rng.UniformRandomProvider;

/// Draws whole numbers at random by inversion: beginning at the most probable one and going out
/// from it to both sides, the probabilities are taken off a uniform number until nothing is left of
/// it. It takes about as many steps as the standard deviation is large, whatever the number of
/// observations.
final class Chance {
  private final UniformRandomProvider random;
  private final double[] logFactorials;

  /// @param most the largest number of observations
  Chance(UniformRandomProvider random, int most) {
    this.random = random;
    this.logFactorials = new double[most + 1];
    double sum = 0;
    double lost = 0;
    for (int k = 1; k <= most; k++) {
      // Compensated, so that the last digits of a long sum are right (Kahan 1965).
      double term = Math.log(k) - lost;
      double next = sum + term;
      lost = next - sum - term;
      sum = next;
      logFactorials[k] = sum;
    }
  }

  private double logChoose(int from, int chosen) {
    return logFactorials[from] - logFactorials[chosen] - logFactorials[from - chosen];
  }

  /// How many of `marked` members are among `drawn` out of `population`.
  int hypergeometric(int population, int marked, int drawn) {
    int least = Math.max(0, drawn + marked - population);
    int most = Math.min(marked, drawn);
    if (least == most) {
      return least;
    }
    long peak = (drawn + 1L) * (marked + 1L) / (population + 2L);
    int mode = Math.clamp(peak, least, most);
    double probability =
        Math.exp(
            logChoose(marked, mode)
                + logChoose(population - marked, drawn - mode)
                - logChoose(population, drawn));
    // The unmarked members that could not all be drawn.
    long rest = (long) population - marked - drawn;
    return outwards(
        mode,
        least,
        most,
        probability,
        k -> (double) (marked - k) * (drawn - k) / ((k + 1.0) * (rest + k + 1.0)));
  }

  /// How many of `trials` succeed, each with a probability from 0 to 1.
  int binomial(int trials, double probability) {
    if (trials == 0 || probability <= 0) {
      return 0;
    }
    if (probability >= 1) {
      return trials;
    }
    int mode = (int) Math.min(trials, Math.floor((trials + 1.0) * probability));
    double odds = probability / (1 - probability);
    double atMode =
        Math.exp(
            logChoose(trials, mode)
                + mode * Math.log(probability)
                + (trials - mode) * Math.log1p(-probability));
    return outwards(mode, 0, trials, atMode, k -> odds * (trials - k) / (k + 1.0));
  }

  /// P(k + 1) over P(k).
  private interface Ratio {
    double above(int k);
  }

  private int outwards(int mode, int least, int most, double atMode, Ratio ratio) {
    double left = random.nextDouble() - atMode;
    int up = mode;
    int down = mode;
    double above = atMode;
    double below = atMode;
    while (left >= 0 && (up < most || down > least)) {
      if (up < most) {
        above *= ratio.above(up);
        up++;
        left -= above;
        if (left < 0) {
          return up;
        }
      }
      if (down > least) {
        below /= ratio.above(down - 1);
        down--;
        left -= below;
        if (left < 0) {
          return down;
        }
      }
    }
    // Only what rounding leaves over gets here, and it belongs to the most probable number.
    return mode;
  }
}
