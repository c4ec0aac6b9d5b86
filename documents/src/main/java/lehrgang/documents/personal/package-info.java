/// A class list, and other counts for each student on it: solutions, sheets and keys in a folder,
/// and which of them belongs to whom.
package lehrgang.documents.personal;
