/// A solution as it reads under a lens: for an audience, by a reading, as far as it is revealed.
///
/// Knows derivations and solutions; no procedure, since ids reach a page through blocks.
///
/// A new block is set by a setter of its own; what an audience may not see goes through Mask.
package lehrgang.core.page;
