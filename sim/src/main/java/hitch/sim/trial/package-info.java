/**
 * Made-up recordings for trying the counter's reader: a plain tunnel moving past, a counter in one of several typefaces
 * burned over it among other writing, and the truth of what it shows at every moment.
 */
package hitch.sim.trial;
