/// What is handed out: the forms there are, each made by a room of its own.
///
/// Knows the rooms of the forms.
///
/// A new form is a room below this one and an entry in [lehrgang.documents.handout.Form].
package lehrgang.documents.handout;
