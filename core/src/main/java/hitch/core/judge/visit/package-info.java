/**
 * This visit held against an earlier one: what is new, what grew, what was cleared. Stations are matched along the line, so that a
 * datum that lay elsewhere then does no harm. A look before a cleaning and one after it are held against each other the same way.
 */
package hitch.core.judge.visit;
