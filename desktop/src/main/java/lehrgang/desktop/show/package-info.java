/// The Show view: a solution line by line, large, for the wall of a room.
package lehrgang.desktop.show;
