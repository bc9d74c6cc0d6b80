/** The pipe itself, drawn to scale from end to end. */
package hitch.desk.line;
