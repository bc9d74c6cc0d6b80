/** The first bench: the property, the clips of the visit, and the runs they belong to. */
package hitch.desk.load;
