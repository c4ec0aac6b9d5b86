package lehrgang.core.solution;

/// What the solution answers.
///
/// @param title  the question in a line
/// @param text   as it stands on the problem sheet; may be empty
/// @param source where the data come from; may be empty
public record Question(String title, String text, String source) {}
