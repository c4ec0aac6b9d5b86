/// Tables that show what they are wanted to show, found by trying: drawn at random, moved towards
/// what is wished, and taken only when the derivation says that it holds. [Composer] proposes
/// several for a class; [Variation] makes one like a model for each student.
package lehrgang.core.compose;
