/**
 * Long work: looking through clips, reading counters, taking in, cutting, handing over. All of it stands on one board with
 * its name, how far it is, how long it may still take and a way to stop it; few run at once, and what somebody waits for
 * comes first.
 */
package hitch.desk.task;
