/** A client's outbox as a stand-in for an upload service: a folder that takes parcels slowly, breaks off, and goes on. */
package hitch.sim.outbox;
