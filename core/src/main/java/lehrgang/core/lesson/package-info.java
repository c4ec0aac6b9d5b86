/// A solution told line by line in front of a class: what is asked, where the numbers stand, the
/// formula in symbols, the numbers put in, and only then the value.
package lehrgang.core.lesson;
