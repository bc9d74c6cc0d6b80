/** Two frames of one place beside each other, locked by station: out and back, before and after a cleaning. */
package hitch.desk.pair;
