"use strict";
// Reads the formulas of a solution in ranges of numbers, and judges answers by them: whether one is
// right, comes of rounding, follows from the student's own numbers, or comes of a known slip.
const Lehrgang = (() => {
  const NONE = new Error("no value");
  const SAME = 1e-11;
  const SLACK = 1e-10;
  const FINER = 4;
  const EVERYTHING = [-Infinity, Infinity];
  const NO = [0, 0];
  const YES = [1, 1];
  const none = () => { throw NONE; };

  // ---- functions ------------------------------------------------------------------------------

  const LANCZOS = [0.99999999999980993227684700473478, 676.520368121885098567009190444019,
    -1259.13921672240287047156078755283, 771.3234287776530788486528258894, -176.61502916214059906584551354,
    12.507343278686904814458936853, -0.13857109526572011689554707, 9.984369578019570859563e-6,
    1.50563273514931155834e-7];

  // The logarithm of n!, by Stirling's series for large n.
  const factorials = [0, 0];
  const logFactorial = n => {
    if (n < 2000) {
      for (let k = factorials.length; k <= n; k++) factorials.push(factorials[k - 1] + Math.log(k));
      return factorials[n];
    }
    const x = n + 1;
    return (x - 0.5) * Math.log(x) - x + 0.5 * Math.log(2 * Math.PI) + 1 / (12 * x) - 1 / (360 * x ** 3);
  };

  // The logarithm of Γ(x) for x > 0.
  const logGamma = x => {
    if (x > 30) {
      const y = 1 / (x * x);
      return (x - 0.5) * Math.log(x) - x + 0.5 * Math.log(2 * Math.PI)
        + (1 / 12 - y * (1 / 360 - y * (1 / 1260 - y / 1680))) / x;
    }
    let sum = LANCZOS[0];
    for (let k = 1; k < LANCZOS.length; k++) sum += LANCZOS[k] / (x - 1 + k);
    const t = x + 6.5;
    return 0.5 * Math.log(2 * Math.PI) + (x - 0.5) * Math.log(t) - t + Math.log(sum);
  };

  // The upper part of the incomplete gamma function, as a share of the whole.
  const upperGamma = (a, x) => {
    if (x <= 0) return 1;
    const front = Math.exp(a * Math.log(x) - x - logGamma(a));
    if (x < a + 1) {
      let term = 1 / a;
      let sum = term;
      for (let k = 1; k < 100000 && Math.abs(term) > Math.abs(sum) * 1e-17; k++) {
        term *= x / (a + k);
        sum += term;
      }
      return 1 - front * sum;
    }
    let b = x + 1 - a;
    let c = 1 / 1e-300;
    let d = 1 / b;
    let h = d;
    for (let k = 1; k < 100000; k++) {
      const an = -k * (k - a);
      b += 2;
      d = an * d + b;
      if (Math.abs(d) < 1e-300) d = 1e-300;
      c = b + an / c;
      if (Math.abs(c) < 1e-300) c = 1e-300;
      d = 1 / d;
      h *= d * c;
      if (Math.abs(d * c - 1) < 1e-16) break;
    }
    return front * h;
  };

  const density = z => Math.exp(-z * z / 2) / Math.sqrt(2 * Math.PI);

  const upperNormal = z => {
    if (z < 0) return 1 - upperNormal(-z);
    if (z > 3) {
      let tail = z;
      for (let level = Math.ceil(1200 / (z * z)) + 12; level >= 1; level--) tail = z + level / tail;
      return density(z) / tail;
    }
    let term = z;
    let sum = z;
    for (let odd = 3; odd < 400 && term > sum * 1e-18; odd += 2) {
      term *= z * z / odd;
      sum += term;
    }
    return 0.5 - density(z) * sum;
  };

  // Where a falling function has a value, between two points.
  const inverse = (falling, value, low, high) => {
    for (let k = 0; k < 200; k++) {
      const middle = (low + high) / 2;
      if (middle === low || middle === high) break;
      if (falling(middle) > value) low = middle; else high = middle;
    }
    return (low + high) / 2;
  };

  const criticalNormal = area => area === 0.5 ? 0 : inverse(upperNormal, area, 0, 40);

  const criticalChiSquared = (area, df) => {
    if (df === 1) return criticalNormal(area / 2) ** 2;
    if (df === 2) return -2 * Math.log(area);
    let high = df + 10;
    while (upperGamma(df / 2, high / 2) > area) high *= 2;
    return inverse(x => upperGamma(df / 2, x / 2), area, 0, high);
  };

  // The probability of staying below c: a mixture with Poisson weights.
  const belowNoncentral = (c, df, delta) => {
    const half = delta / 2;
    let sum = 0;
    let log = -half;
    for (let j = 0; j < half + 14 * Math.sqrt(half) + 40; j++) {
      if (log > -46) sum += Math.exp(log) * (1 - upperGamma(df / 2 + j, c / 2));
      log += Math.log(half / (j + 1));
    }
    return sum;
  };

  const noncentrality = (c, df, missed) => {
    let high = 1;
    while (belowNoncentral(c, df, high) > missed) high *= 2;
    return inverse(delta => belowNoncentral(c, df, delta), missed, 0, high);
  };

  const logChoose = (n, k) => logFactorial(n) - logFactorial(k) - logFactorial(n - k);

  const choose = (n, k) => {
    if (n < 0 || k < 0 || k > n) return 0;
    let ways = 1;
    for (let j = 1; j <= Math.min(k, n - k); j++) ways = ways * (n - Math.min(k, n - k) + j) / j;
    return ways;
  };

  const isWhole = Number.isInteger;

  // By how much ln n! is more than Stirling's formula says.
  const overStirling = n => n > 15
    ? (1 / 12 - (1 / 360 - (1 / 1260 - 1 / (1680 * n * n)) / (n * n)) / (n * n)) / n
    : logFactorial(n) - (n + 0.5) * Math.log(n) + n - 0.5 * Math.log(2 * Math.PI);

  // x ln(x/m) + m - x, without the loss of digits near x = m.
  const deviance = (x, m) => {
    const v = (x - m) / (x + m);
    if (Math.abs(v) >= 0.1) return x * Math.log(x / m) + m - x;
    let sum = (x - m) * v;
    let term = 2 * x * v;
    for (let odd = 3; odd < 60; odd += 2) {
      term *= v * v;
      sum += term / odd;
    }
    return sum;
  };

  const binomial = (k, n, p) => {
    if (!isWhole(k) || !isWhole(n) || n < 0 || n > 2000000000 || p < 0 || p > 1) none();
    if (k < 0 || k > n) return 0;
    if (p === 0 || p === 1) return k === n * p ? 1 : 0;
    if (k === 0) return Math.exp(n * Math.log1p(-p));
    if (k === n) return Math.exp(n * Math.log(p));
    // Loader (2000): logarithms of factorials are too large to be subtracted.
    return Math.sqrt(n / (2 * Math.PI * k * (n - k)))
      * Math.exp(overStirling(n) - overStirling(k) - overStirling(n - k)
        - deviance(k, n * p) - deviance(n - k, n * (1 - p)));
  };

  const hypergeometric = (k, r1, r2, c1, n) => {
    if (![k, r1, r2, c1, n].every(isWhole) || r1 < 0 || r2 < 0 || c1 < 0 || c1 > n || r1 + r2 !== n) none();
    return k < Math.max(0, c1 - r2) || k > Math.min(r1, c1) ? 0
      : Math.exp(logChoose(r1, k) + logChoose(r2, c1 - k) - logChoose(n, c1));
  };

  const isDegrees = df => isWhole(df) && df >= 1 && df <= 100000;
  const UP = 1;
  const DOWN = -1;
  const ALL = EVERYTHING;
  const SHARE = [0, 1];
  const SPAN = [0, 250000];
  const isSpan = x => x >= 0 && x <= 250000;

  // Value, how it changes with each argument (0 for a whole number that nobody rounds), the domain of
  // each argument, and what every value lies in.
  const FUNCTIONS = {
    "chi-squared-upper-tail": { of: (x, df) => x >= 0 && isDegrees(df) ? upperGamma(df / 2, x / 2) : none(),
      slopes: [DOWN, 0], domains: [[0, Infinity], ALL], image: SHARE },
    "normal-upper-tail": { of: z => z >= 0 ? upperNormal(z) : none(), slopes: [DOWN], domains: [[0, Infinity]], image: SHARE },
    "normal-right": { of: upperNormal, slopes: [DOWN], domains: [ALL], image: SHARE },
    "normal-left": { of: z => upperNormal(-z), slopes: [UP], domains: [ALL], image: SHARE },
    "normal-density": { of: density, slopes: [0], domains: [ALL], image: SHARE },
    "normal-critical": { of: a => a >= 5e-301 && a <= 0.5 ? criticalNormal(a) : none(),
      slopes: [DOWN], domains: [[5e-301, 0.5]], image: [0, Infinity] },
    "chi-squared-critical": { of: (a, df) => a >= 1e-300 && a < 1 && isDegrees(df) ? criticalChiSquared(a, df) : none(),
      slopes: [DOWN, 0], domains: [[1e-300, 1], ALL], image: [0, Infinity] },
    "noncentral-lower-tail": { of: (c, df, delta) => isSpan(c) && isSpan(delta) && isDegrees(df) ? belowNoncentral(c, df, delta) : none(),
      slopes: [UP, 0, DOWN], domains: [SPAN, ALL, SPAN], image: SHARE },
    "noncentrality": { of: (c, df, b) => isSpan(c) && isDegrees(df) && b >= 0.001 && b + 0.02 < belowNoncentral(c, df, 0) ? noncentrality(c, df, b) : none(),
      slopes: [UP, 0, DOWN], domains: [SPAN, ALL, [0.001, 1]], image: [0, Infinity] },
    "rounded-to-whole": { of: x => Math.floor(x + 0.5), slopes: [UP], domains: [ALL], image: ALL },
    "hypergeometric": { of: hypergeometric, slopes: [0, 0, 0, 0, 0], domains: [ALL, ALL, ALL, ALL, ALL], image: [0, Infinity] },
    "binomial": { of: binomial, slopes: [0, 0, 0], domains: [ALL, ALL, SHARE], image: SHARE },
  };

  const isPoint = range => range[0] === range[1];
  const clamp = (x, low, high) => Math.min(Math.max(x, low), high);
  const cut = (range, by) => {
    const from = clamp(range[0], by[0], by[1]);
    return [from, clamp(range[1], from, by[1])];
  };
  const hull = (a, b) => [Math.min(a[0], b[0]), Math.max(a[1], b[1])];

  const corner = (f, values) => {
    if (!values.every(Number.isFinite)) return null;
    try {
      const value = f.of(...values);
      return Number.isNaN(value) ? null : value;
    } catch (e) {
      if (e !== NONE) throw e;
      return null;
    }
  };

  const named = (key, args) => {
    const f = FUNCTIONS[key];
    if (!f) none();
    const lowest = [];
    const highest = [];
    let points = true;
    for (let k = 0; k < args.length; k++) {
      const range = cut(args[k], f.domains[k]);
      points = points && isPoint(range);
      if (f.slopes[k] === 0 && !isPoint(range)) return key === "binomial" ? binomialRange(args) : f.image;
      lowest.push(f.slopes[k] === DOWN ? range[1] : range[0]);
      highest.push(f.slopes[k] === DOWN ? range[0] : range[1]);
    }
    const low = corner(f, lowest);
    if (points) return low === null ? none() : [low, low];
    const one = low === null ? f.image[0] : low;
    const high = corner(f, highest);
    const other = high === null ? f.image[1] : high;
    return [Math.min(one, other), Math.max(one, other)];
  };

  // It rises with p up to k/n, and falls from there.
  const binomialRange = args => {
    if (!isPoint(args[0]) || !isPoint(args[1])) return SHARE;
    const [k, n] = [args[0][0], args[1][0]];
    const p = cut(args[2], SHARE);
    const ends = [binomial(k, n, p[0]), binomial(k, n, p[1])];
    const top = n > 0 ? k / n : 0;
    if (top > p[0] && top < p[1]) ends.push(binomial(k, n, top));
    return [Math.min(...ends), Math.max(...ends)];
  };

  // The most probable number of successes.
  const binomialMode = (n, p) => clamp(Math.floor((n + 1) * p), 0, n);

  // The probability of the successes from one number to another: the most probable of them, and its
  // neighbours as long as they count.
  const binomialSum = (from, to, n, p) => {
    if (p === 0 || p === 1) return from <= n * p && n * p <= to ? 1 : 0;
    const largest = clamp(binomialMode(n, p), from, to);
    let sum = 1;
    let weight = 1;
    for (let k = largest; k < to && weight > sum * 1e-18; k++) sum += weight *= (n - k) * p / ((k + 1) * (1 - p));
    weight = 1;
    for (let k = largest; k > from && weight > sum * 1e-18; k--) sum += weight *= k * (1 - p) / ((n - k + 1) * p);
    return binomial(largest, n, p) * sum;
  };

  const LAWS = {
    binomial: { size: 2, at: (k, w) => binomial(k, ...w), first: () => 0, last: w => w[0],
      sum: (from, to, w) => binomialSum(from, to, ...w),
      isMany: w => w[0] > 1000, mode: w => binomialMode(...w) },
    hypergeometric: { size: 4, at: (k, w) => hypergeometric(k, ...w),
      first: w => Math.max(0, w[2] - w[1]), last: w => Math.min(w[0], w[2]),
      sum: (from, to, w) => {
        let sum = 0;
        for (let k = from; k <= to; k++) sum += hypergeometric(k, ...w);
        return sum;
      },
      isMany: () => false },
  };

  // The first number with a condition that none before it meets and all from it on do; the last meets it.
  const firstWith = (condition, first, last) => {
    while (first < last) {
      const middle = Math.floor((first + last) / 2);
      if (condition(middle)) last = middle; else first = middle + 1;
    }
    return last;
  };

  // The outcomes that are summed, as runs from one to another.
  const summed = (law, side, own, probability, w) => {
    const counts = k => side === "less" ? own >= k : side === "greater" ? k >= own : atLeast(probability, law.at(k, w));
    const [first, last] = [law.first(w), law.last(w)];
    const runs = [];
    if (!law.isMany(w)) {
      for (let k = first; k <= last; k++) if (counts(k)) runs.push([k, k]);
      return runs;
    }
    const mode = law.mode(w);
    const not = k => !counts(k);
    const lastWith = (condition, from, to) => firstWith(k => k > to || !condition(k), from, to + 1) - 1;
    if (counts(mode)) return [[firstWith(counts, first, mode), lastWith(counts, mode, last)]];
    if (counts(first)) runs.push([first, firstWith(not, first, mode) - 1]);
    if (counts(last)) runs.push([lastWith(not, mode, last) + 1, last]);
    return runs;
  };

  // What is left of runs without others, both in rising order.
  const without = (runs, others) => {
    const left = [];
    for (const [from, to] of runs) {
      let next = from;
      for (const [start, end] of others) {
        if (end < next || start > to) continue;
        if (start > next) left.push([next, start - 1]);
        next = end + 1;
      }
      if (next <= to) left.push([next, to]);
    }
    return left;
  };

  // The sum of the probabilities of some outcomes: those that are listed and marked, and those that
  // are not listed, being very many or possible only with other margins.
  const outcomes = ([name, side, listed], args) => {
    const law = LAWS[name];
    const given = args.slice(2, 2 + law.size);
    if (![args[0], ...given].every(isPoint)) return [0, Infinity];
    const w = given.map(range => range[0]);
    law.at(0, w);
    let sum = NO;
    const add = range => { sum = [sum[0] + range[0], sum[1] + range[1]]; };
    for (let at = 2 + law.size; at < args.length; at += 2) {
      const marked = args[at];
      const p = args[at + 1];
      if (marked[0] > 0) add(p); else if (marked[1] > 0) add(hull(NO, p));
    }
    const unlisted = probability => without(summed(law, side, args[0][0], probability, w), listed)
      .reduce((part, [from, to]) => part + law.sum(from, to, w), 0);
    const low = unlisted(args[1][0]);
    add(isPoint(args[1]) ? [low, low] : [low, unlisted(args[1][1])]);
    return sum;
  };

  // ---- formulas -------------------------------------------------------------------------------

  const atLeast = (left, right) => left >= right - SAME * Math.max(Math.abs(left), Math.abs(right));
  const times = (a, b) => {
    const product = (x, y) => x === 0 || y === 0 ? 0 : x * y;
    const all = [product(a[0], b[0]), product(a[0], b[1]), product(a[1], b[0]), product(a[1], b[1])];
    return [Math.min(...all), Math.max(...all)];
  };
  const over = (a, b) => {
    if (b[0] === 0 && b[1] === 0) none();
    if (b[0] < 0 && b[1] > 0) return EVERYTHING;
    return times(a, [b[1] === 0 ? -Infinity : 1 / b[1], b[0] === 0 ? Infinity : 1 / b[0]]);
  };
  const plus = (a, b) => [a[0] + b[0], a[1] + b[1]];
  const minus = (a, b) => [a[0] - b[1], a[1] - b[0]];
  // Sums are added in halves, as the program adds them: at the edge of a rounding the last bit counts.
  const inHalves = all => {
    if (all.length < 2) return all.length ? all[0] : NO;
    const half = Math.floor(all.length / 2);
    return plus(inHalves(all.slice(0, half)), inHalves(all.slice(half)));
  };
  const magnitude = a => a[0] >= 0 ? a : a[1] <= 0 ? [-a[1], -a[0]] : [0, Math.max(-a[0], a[1])];
  const isAtLeast = (a, b) => atLeast(a[0], b[1]) ? YES : atLeast(a[1], b[0]) ? [0, 1] : NO;
  const not = a => minus(YES, a);

  // The range of a formula, given that of each line.
  const evaluate = (tree, line) => {
    const of = t => evaluate(t, line);
    if (typeof tree === "number") return [tree, tree];
    const [sign, ...parts] = tree;
    switch (sign) {
      case "r": return line(parts[0]);
      case "+": return inHalves(parts.map(of));
      case "-": return minus(of(parts[0]), of(parts[1]));
      case "*": return parts.map(of).reduce(times, YES);
      case "/": return over(of(parts[0]), of(parts[1]));
      case "^": {
        const a = of(parts[0]);
        if (parts[1] === 0) return YES;
        const base = parts[1] % 2 === 0 ? magnitude(a) : a;
        return [base[0] ** parts[1], base[1] ** parts[1]];
      }
      case "root": {
        const a = of(parts[0]);
        return a[1] < 0 ? none() : [Math.sqrt(Math.max(0, a[0])), Math.sqrt(a[1])];
      }
      case "abs": return magnitude(of(parts[0]));
      case "exp": return of(parts[0]).map(Math.exp);
      case "neg": { const a = of(parts[0]); return [-a[1], -a[0]]; }
      case "ln": {
        const a = of(parts[0]);
        return a[1] <= 0 ? none() : [Math.log(Math.max(0, a[0])), Math.log(a[1])];
      }
      case "asin": {
        const a = of(parts[0]);
        return a[0] > 1 || a[1] < -1 ? none() : [Math.asin(Math.max(-1, a[0])), Math.asin(Math.min(1, a[1]))];
      }
      case "choose": {
        const [n, k] = parts.map(of);
        if (!isPoint(n) || !isPoint(k)) return [0, Infinity];
        const ways = choose(n[0], k[0]);
        return [ways, ways];
      }
      case "min": return parts.map(of).reduce((a, b) => [Math.min(a[0], b[0]), Math.min(a[1], b[1])]);
      case "max": return parts.map(of).reduce((a, b) => [Math.max(a[0], b[0]), Math.max(a[1], b[1])]);
      case "below": {
        const bound = [parts[0], parts[0]];
        return parts.slice(1).map(t => not(isAtLeast(of(t), bound))).reduce(plus, NO);
      }
      case "continued": {
        const z = of(parts[0]);
        let tail = z;
        for (let level = parts[1]; level >= 1; level--) tail = plus(z, over([level, level], tail));
        return tail;
      }
      case "f": return named(parts[0], parts.slice(1).map(of));
      case "outcomes": return outcomes(parts[0], parts.slice(1).map(of));
      case ">=": return isAtLeast(of(parts[0]), of(parts[1]));
      case ">": return not(isAtLeast(of(parts[1]), of(parts[0])));
      case "both": return times(of(parts[0]), of(parts[1]));
      case "cases": {
        const when = of(parts[0]);
        if (when[0] > 0) return of(parts[1]);
        return when[1] <= 0 ? of(parts[2]) : hull(of(parts[1]), of(parts[2]));
      }
      default: return none();
    }
  };

  // Numbers themselves and every value that rounding one of them to so many places or more gives.
  const roundedToAtLeast = (range, decimals) => [lowest(range[0], decimals), -lowest(-range[1], decimals)];
  const lowest = (end, decimals) => {
    if (!Number.isFinite(end) || Math.abs(end) > 1e15) return end;
    let low = end;
    let scale = 10 ** decimals;
    for (let finer = 0; finer < FINER; finer++) {
      const scaled = end * scale;
      low = Math.min(low, Math.ceil(scaled - 0.5) / scale);
      if (Math.abs(scaled - Math.round(scaled)) < SLACK) return low;
      scale *= 10;
    }
    return Math.min(low, end - 0.5 / scale);
  };

  const holds = (range, number, near) => {
    const slack = SLACK * Math.max(Math.abs(number), Number.MIN_VALUE) + near;
    return number >= range[0] - slack && number <= range[1] + slack;
  };

  // ---- answers as they are written --------------------------------------------------------------

  const DIGITS = "[0-9]{1,3}(?:[.,][0-9]{3})+(?:[.,][0-9]*)?|[0-9]*[.,]?[0-9]+|[0-9]+[.,]";
  const NUMBER = new RegExp("^([-+]?)(" + DIGITS + ")(?:(?:[eE]|[·*x×]10\\^?)\\(?([-+]?[0-9]{1,3})\\)?)?(%?)$");
  const FRACTION = /^([-+]?)(?:([0-9]{1,15})[ +])?([0-9]{1,15})\/([0-9]{1,15})$/;
  const GROUPED_ONCE = /^[1-9][0-9]{0,2}[.,][0-9]{3}$/;
  const GROUPED = /^[1-9][0-9]{0,2}(?:([.,])[0-9]{3})(?:\1[0-9]{3})+(?:[.,][0-9]*)?$/;

  const levelled = text => {
    let level = "";
    let raised = false;
    for (const sign of text) {
      const at = "⁰¹²³⁴⁵⁶⁷⁸⁹⁻".indexOf(sign);
      if (at >= 0 && level.endsWith("10") && !raised) { level += "^"; raised = true; }
      if (at >= 0 && raised) level += "0123456789-"[at];
      else if ("−–‒﹣-".includes(sign)) level += "-";
      else if (/\s/u.test(sign)) level += " ";
      else level += sign;
    }
    return level.replace(/([0-9])['’](?=[0-9]{3})/g, "$1").trim();
  };

  const plain = text => levelled(text).toLowerCase()
    .replace(/(^|[^a-z])h[_ ]?[0o₀](?![a-z])/g, "$1h0").replace(/₁/g, "1").replace(/₀/g, "0")
    .replace(/’/g, "'").replace(/[.!;:]/g, " ").replace(/\s+/g, " ").trim();

  const plainDecimal = (digits, whole, decimalSign) => {
    const last = digits.lastIndexOf(".") > digits.lastIndexOf(",") ? "." : ",";
    if (digits.includes(".") && digits.includes(",")) {
      return digits.split(last === "." ? "," : ".").join("").replace(last, ".");
    }
    const grouped = GROUPED.test(digits)
      || whole && GROUPED_ONCE.test(digits) && !digits.includes(decimalSign);
    const text = grouped ? digits.replace(/[.,]/g, "") : digits.replace(",", ".");
    return text.endsWith(".") ? text.slice(0, -1) : text;
  };

  const readNumber = (written, whole, decimalSign) => {
    const unreadable = { sort: "unreadable", written };
    let text = levelled(written);
    let below = false;
    const leading = /^\p{L}[^=≈~<≤]*([=≈~<≤]+)/u.exec(text);
    if (leading) { below = /[<≤]/.test(leading[1]); text = text.slice(leading[0].length).trim(); }
    while (/^[<≤=≈~]/.test(text)) { below = below || /^[<≤]/.test(text); text = text.slice(1).trim(); }
    text = text.replace(/^(±|\+\/-|\+-)\s*/, "");
    const fraction = FRACTION.exec(text);
    if (fraction && !below) {
      const under = Number(fraction[4]);
      if (under === 0) return unreadable;
      const value = Number(fraction[2] || 0) + Number(fraction[3]) / under;
      return { sort: "number", written, value: fraction[1] === "-" ? -value : value, decimals: 0, exact: true };
    }
    const closed = text.replace(/\s+/g, "");
    const oddSpaces = /[0-9]\s+(?![0-9]{3}(?![0-9]))[0-9]/.test(text);
    const number = NUMBER.exec(closed.replace(/([0-9])\.$/, "$1"));
    if (oddSpaces || !number) return unreadable;
    const digits = plainDecimal(number[2], whole, decimalSign);
    if (/[.,].*[.,]/.test(digits)) return unreadable;
    const power = Number(number[3] || 0) - (number[4] ? 2 : 0);
    const point = digits.indexOf(".");
    const decimals = (point < 0 ? 0 : digits.length - point - 1) - power;
    const value = Number((digits.startsWith(".") ? "0" + digits : digits) + "e" + power);
    if (!Number.isFinite(value)) return unreadable;
    if (below) return { sort: "below", written, bound: number[1] === "-" ? -value : value };
    return { sort: "number", written, value: number[1] === "-" ? -value : value, decimals, exact: false };
  };

  const has = (text, words) => words.some(word => new RegExp("(?<![\\p{L}0-9])"
    + word.replace(/[.*+?^${}()|[\]\\]/g, "\\$&").replace(/…/g, "[\\p{L}']*") + "(?![\\p{L}0-9])", "u").test(text));

  const readWords = (written, kind, words) => {
    const text = plain(written);
    if (kind === "condition") {
      const fails = has(text, words.no);
      return has(text, words.yes) === fails ? { sort: "unreadable", written } : { sort: "said", written, yes: !fails };
    }
    if (text === plain(words.saidReject) || text === "reject") return { sort: "said", written, yes: true };
    if (text === plain(words.saidKeep) || text === "do-not-reject") return { sort: "said", written, yes: false };
    const rejects = has(text, words.reject);
    if (rejects === has(text, words.keep)) return { sort: "unreadable", written };
    const otherwise = has(text, words.other) && !text.includes("h0");
    return { sort: "said", written, yes: rejects !== (has(text, words.not) !== otherwise) };
  };

  const read = (written, kind, data) => {
    const text = written.trim();
    if (text === "" || /^[-–—?./]+$/.test(text)) return { sort: "blank", written: "" };
    if (text.length > 200) return { sort: "unreadable", written: text };
    return kind === "condition" || kind === "decision" ? readWords(text, kind, data.words)
      : readNumber(text, kind === "whole", data.decimalSign);
  };

  // ---- slips of the hand ------------------------------------------------------------------------

  // A number in plain digits, as the shortest text that stands for it.
  const inDigits = x => {
    let [mantissa, power] = String(Math.abs(x)).split("e");
    power = Number(power || 0);
    let [whole, part] = mantissa.split(".");
    part = part || "";
    if (power > 0) { whole += part.slice(0, power).padEnd(power, "0"); part = part.slice(power); }
    if (power < 0) { part = whole.padStart(-power + 1, "0").slice(power < 0 ? power : 0) + part;
      whole = whole.length > -power ? whole.slice(0, power) : "0"; }
    return [whole, part];
  };

  // The digits of a number rounded to so many places, halves up, without its point.
  const rounded = (x, places) => {
    const [whole, part] = inDigits(x);
    const digits = whole + part.slice(0, places).padEnd(places, "0");
    const up = part.length > places && part[places] >= "5";
    const text = (BigInt(digits) + (up ? 1n : 0n)).toString();
    return text;
  };

  const significant = digits => digits.replace(/^0+/, "").length;
  const bare = digits => digits.replace(/^0+|0+$/g, "");

  const roundedToDigits = (x, many) => {
    const [whole, part] = inDigits(x);
    const all = (whole + part).replace(/^0+/, "");
    if (all.length <= many) return all;
    return (BigInt(all.slice(0, many)) + (all[many] >= "5" ? 1n : 0n)).toString();
  };

  const areSwapped = (one, other) => {
    if (one.length !== other.length) return false;
    for (let k = 0; k + 1 < one.length; k++) {
      if (one[k] !== other[k]) {
        return one[k] === other[k + 1] && one[k + 1] === other[k] && one.slice(k + 2) === other.slice(k + 2);
      }
    }
    return false;
  };

  const half = answer => answer.exact ? 0 : 0.5 * 10 ** -answer.decimals;

  const typing = (answer, meant) => {
    if (answer.exact || !Number.isFinite(meant)) return null;
    const places = Math.max(0, answer.decimals);
    const digits = rounded(answer.value, places);
    if (significant(digits) < 4) return null;
    const right = rounded(meant, places);
    if (areSwapped(digits, right)) return "typing-digits-swapped";
    const elsewhere = Math.abs(Math.abs(answer.value) - Math.abs(meant)) > half(answer);
    return bare(digits) === bare(roundedToDigits(meant, significant(digits))) && elsewhere
      ? "typing-point-moved" : null;
  };

  // ---- judging ----------------------------------------------------------------------------------

  const agreesWithValue = (answer, value) =>
    holds([value, value], answer.value, half(answer) + 1e-9 * Math.abs(value));

  const agrees = (answer, range) => {
    if (range === null) return false;
    switch (answer.sort) {
      case "number": return holds(range, answer.value, half(answer));
      case "below": return range[0] < answer.bound;
      case "said": return answer.yes ? range[1] > 0.5 : range[0] < 0.5;
      default: return false;
    }
  };

  const attempt = work => {
    try { return work(); } catch (e) { if (e !== NONE) throw e; return null; }
  };

  // Everything that can be asked of a solution.
  const of = data => {
    const lines = data.lines;
    const order = lines.map((_, k) => k);
    const asked = new Set(data.asked);
    const sources = tree => typeof tree === "number" ? []
      : tree[0] === "r" ? [tree[1]] : tree.slice(1).flatMap(part => Array.isArray(part) ? sources(part) : []);
    lines.forEach(line => { line.sources = [...new Set(sources(line.f))]; });

    // The value of each line; null for one that has none.
    const exact = [];
    const exactly = k => {
      if (exact[k] === undefined) exact[k] = attempt(() => evaluate(lines[k].f, exactly));
      return exact[k] === null ? none() : exact[k];
    };
    order.forEach(k => attempt(() => exactly(k)));

    const settled = (k, range) => range !== null && lines[k].fewest >= 0 ? roundedToAtLeast(range, lines[k].fewest) : range;

    // What rounding lines before it gives of each line.
    const within = [];
    const inside = k => {
      if (within[k] === undefined) {
        within[k] = lines[k].kind === "condition" ? exact[k]
          : settled(k, attempt(() => evaluate(lines[k].f, inside)));
      }
      return within[k] === null ? none() : within[k];
    };
    order.forEach(k => attempt(() => inside(k)));

    const resting = new Set();
    order.forEach(k => {
      if (asked.has(k) || lines[k].sources.some(s => resting.has(s) || asked.has(s))) resting.add(k);
    });

    // Who draws other tables comes to another number, near this one.
    const byChance = (line, range) => {
      const off = line.off && attempt(() => evaluate(line.off, exactly));
      return off ? [range[0] - off[1], range[1] + off[1]] : range;
    };

    const target = k => {
      const line = lines[k];
      return { line, k, exact: exact[k] === null ? null : exact[k][0],
        within: byChance(line, within[k] || exact[k] || EVERYTHING) };
    };

    const isFine = (t, answer) => answer.exact || answer.decimals >= t.line.digits
      || t.exact !== null && (answer.decimals >= t.line.printed && agreesWithValue(answer, t.exact)
        || Math.abs(t.exact - answer.value) <= 1e-9 * Math.abs(t.exact));

    class OwnNumbers {
      constructor(bent, base) {
        this.own = base ? base.own : new Map();
        this.known = new Map();
        this.bent = bent || new Map();
        this.base = base;
        this.line = k => {
          const found = this.of(k);
          return found === null ? none() : found;
        };
      }
      rests(k) {
        return lines[k].sources.some(s => !this.own.has(s) && (this.bent.has(s) || this.rests(s)));
      }
      of(k) {
        if (this.own.has(k)) return this.own.get(k);
        const fixed = !resting.has(k);
        if (this.base && fixed && !this.bent.has(k) && !this.rests(k)) return this.base.of(k);
        if (!this.base && fixed && lines[k].kind === "condition" && exact[k] !== null) return exact[k];
        if (!this.known.has(k)) {
          const tree = this.bent.has(k) ? this.bent.get(k) : lines[k].f;
          this.known.set(k, this.by(k, tree));
        }
        return this.known.get(k);
      }
      by(k, tree) {
        return settled(k, attempt(() => evaluate(tree, this.line)));
      }
    }

    const bends = k => data.bends[k] || [];

    // The lines that a line rests on without going on from those that stand on the sheet.
    const before = (k, written) => {
      const found = new Set([k]);
      const open = [k];
      while (open.length) {
        for (const s of lines[open.pop()].sources) {
          if (!written.has(s) && !found.has(s)) { found.add(s); open.push(s); }
        }
      }
      found.delete(k);
      return found;
    };

    const upstream = (k, written) => {
      const unseen = before(k, written);
      const all = new Map();
      order.filter(j => unseen.has(j)).forEach(j => bends(j).forEach(([slip, way, tree]) => {
        const key = slip + " " + way + " " + lines[j].family;
        if (!all.has(key)) all.set(key, { slip, formulas: new Map() });
        all.get(key).formulas.set(j, tree);
      }));
      return [...all.values()];
    };

    const found = (verdict, behind) => ({ verdict, slips: [], here: new Set(), behind: behind || null });
    const slipped = (slips, here, behind) => ({ verdict: slips.length ? "slip" : "wrong", slips, here: new Set(here), behind });

    const follows = (t, answer, own, routes) => {
      if (routes.some(tree => agrees(answer, own.by(t.k, tree)))) return found("follow-through");
      const fitting = new Set();
      bends(t.k).forEach(([slip, , tree]) => { if (agrees(answer, own.by(t.k, tree))) fitting.add(slip); });
      return slipped([...fitting], fitting, null);
    };

    const judge = (k, answer, own, written) => {
      const t = target(k);
      switch (answer.sort) {
        case "blank": return found("blank");
        case "unreadable": return found("unreadable");
        case "below":
          if (t.exact !== null && agrees(answer, [t.exact, t.exact])) {
            return found(answer.bound <= 10 ** -t.line.digits ? "right" : "too-coarse");
          }
          return follows(t, answer, own, [t.line.f]);
        case "said": {
          if (t.exact !== null && (t.exact > 0.5) === answer.yes) return found("right");
          if (t.exact !== null && agrees(answer, t.within)) return found("right-rounded");
          const routes = [t.line.f];
          if (t.line.kind === "decision" && data.decisionByP !== null) routes.push(data.decisionByP);
          return follows(t, answer, own, routes);
        }
        default: return judgeNumber(t, answer, own, written);
      }
    };

    const judgeNumber = (t, answer, own, written) => {
      const wrong = () => {
        const as = t.line.fewest < 0 ? 0 : Math.min(half(answer), 0.5 * 10 ** -t.line.digits);
        return found("wrong", [answer.value - as, answer.value + as]);
      };
      const behind = range => hull(cut(range, [answer.value - half(answer), answer.value + half(answer)]),
        [answer.value, answer.value]);
      const fine = verdict => isFine(t, answer) ? verdict : "too-coarse";
      if (t.exact === null) return wrong();
      if (agreesWithValue(answer, t.exact)) return found(fine("right"), hull(behind(t.within), [t.exact, t.exact]));
      if (agrees(answer, t.within)) return found(fine("right-rounded"), behind(t.within));
      const follow = own.by(t.k, t.line.f);
      if (agrees(answer, follow)) return found(fine("follow-through"), behind(follow));
      const fitting = new Map();
      bends(t.k).forEach(([slip, , tree]) => {
        const range = own.by(t.k, tree);
        if (agrees(answer, range) && !fitting.has(slip)) fitting.set(slip, behind(range));
      });
      const here = new Set(fitting.keys());
      upstream(t.k, written).forEach(({ slip, formulas }) => {
        const range = new OwnNumbers(formulas, own).by(t.k, t.line.f);
        if (agrees(answer, range) && !fitting.has(slip)) fitting.set(slip, behind(range));
      });
      if (fitting.size === 0) {
        const slip = typing(answer, t.exact)
          || (follow && typing(answer, (follow[0] + follow[1]) / 2))
          || (data.own.find(one => one.line === t.line.id && answer.value >= one.low && answer.value <= one.high) || {}).id;
        if (slip) { fitting.set(slip, [answer.value, answer.value]); here.add(slip); }
      }
      return fitting.size === 0 ? wrong()
        : slipped([...fitting.keys()], here, [...fitting.values()].reduce(hull));
    };

    const group = slip => slip.slice(0, slip.indexOf("-"));

    // Which of the slips that would explain an answer is named.
    const naming = results => {
      const explained = new Map();
      const failing = new Map();
      const inFamily = new Map();
      const count = (map, key) => map.set(key, (map.get(key) || 0) + 1);
      results.forEach((one, k) => {
        if (one.verdict === "slip" || one.verdict === "wrong") {
          count(failing, lines[k].family);
          one.slips.forEach(slip => { count(explained, slip); count(inFamily, lines[k].family + " " + slip); });
        }
      });
      const charged = new Map();
      const all = new Map();
      results.forEach((one, k) => {
        const family = lines[k].family;
        if (one.verdict !== "slip") { all.set(k, { verdict: one.verdict, slips: [] }); return; }
        const likely = one.slips.filter(slip => lines[k].alone || slip.startsWith("typing") || !data.slips.includes(slip)
          || 2 * (inFamily.get(family + " " + slip) || 0) >= failing.get(family));
        const most = Math.max(0, ...likely.map(slip => explained.get(slip)));
        const equal = likely.filter(slip => explained.get(slip) === most);
        const here = equal.filter(slip => one.here.has(slip));
        const best = here.length ? here : equal;
        const known = data.slips.filter(slip => best.includes(slip));
        const slips = known.length ? known.filter(slip => group(slip) === group(known[0])) : best;
        if (!slips.length) { all.set(k, { verdict: "wrong", slips }); return; }
        if (slips.some(slip => !one.here.has(slip) && (charged.get(slip) || family) !== family)) {
          all.set(k, { verdict: "follow-through", slips: [] });
          return;
        }
        slips.forEach(slip => { if (!charged.has(slip)) charged.set(slip, family); });
        all.set(k, { verdict: "slip", slips });
      });
      return all;
    };

    // Judges what is written, by the places of lines.
    const mark = written => {
      const answers = new Map();
      order.filter(k => asked.has(k)).forEach(k => answers.set(k, read(written[k] || "", lines[k].kind, data)));
      const numbers = new Set([...answers].filter(([, a]) => a.sort === "number").map(([k]) => k));
      const own = new OwnNumbers();
      const results = new Map();
      answers.forEach((answer, k) => {
        const one = judge(k, answer, own, numbers);
        results.set(k, one);
        if (one.behind) own.own.set(k, one.behind);
      });
      return naming(results);
    };

    const canJudge = k => exact[k] !== null;
    return { mark, canJudge, value: k => exact[k] === null ? null : exact[k][0], range: k => within[k],
      read: (text, k) => read(text, lines[k].kind, data) };
  };

  return { of };
})();
