/// Work that takes long: how far it is, and whether it is still wanted.
///
/// Knows nothing.
///
/// A loop that may take more than a moment asks its Progress.
package lehrgang.core.work;
