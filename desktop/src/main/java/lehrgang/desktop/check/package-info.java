/// The Check view: the answers of a class, step by step and student by student.
package lehrgang.desktop.check;
