package lehrgang.core.derivation;

/// What a line is in the picture of its table; every role has a colour and a line style of its own.
public enum Role {
  OBSERVED,
  EXPECTED,
  ROW_TOTAL,
  COLUMN_TOTAL,
  GRAND_TOTAL,
  OTHER
}
