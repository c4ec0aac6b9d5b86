/// Work that takes long: how far it is, and whether it is still wanted.
package lehrgang.core.work;
