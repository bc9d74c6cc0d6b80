/**
 * Every key that does something: an {@link hitch.desk.key.Act} has its keys, its place and its words once, and the benches,
 * the buttons and the sheet of keys take them from there.
 */
package hitch.desk.key;
