/**
 * What it comes to and why: the verdict on top, the asks in order at the left, the chosen one with its reasons, its stretch and every
 * way to meet it in the middle, what is still open in a drawer. Everything is the reviewer's to decide.
 */
package hitch.desk.judge;
