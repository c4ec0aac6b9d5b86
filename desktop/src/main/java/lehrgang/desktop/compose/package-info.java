/// The Compose view: tables that show what is wished, to be taken with a click.
package lehrgang.desktop.compose;
