/// The sheet that students fill in on a screen and that answers back: the worksheet's page with
/// fields in place of its blanks, and the formulas as data for a small evaluator.
package lehrgang.documents.handout.working;
