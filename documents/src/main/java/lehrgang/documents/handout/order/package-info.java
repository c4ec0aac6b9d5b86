/// What is to be handed out, to whom and how: what every form is made from.
///
/// Knows solutions and their pages; no form.
///
/// What all forms must agree on, such as the numbers of blanks, goes here.
package lehrgang.documents.handout.order;
