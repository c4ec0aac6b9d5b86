package lehrgang.core.lesson;

/// A line of a lesson.
///
/// @param chapter its chapter, from 0
/// @param item    its place among the items of the chapter, from 0
/// @param phase   its place among the lines of the item, from 0
public record Told(int chapter, int item, int phase) {}
