/**
 * Where hours are spent: the footage in its well, the note line, what is known here, the findings, and the
 * there-and-back chart along the bottom.
 */
package hitch.desk.mark;
