/** Small parts that several benches share. */
package hitch.desk.widget;
