/// Tables as they are typed, and what is wrong with them.
///
/// Knows numbers and sentences.
///
/// A new form of table is a TableForm; a new check answers with a Problem.
package lehrgang.core.data;
