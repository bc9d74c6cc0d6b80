/** What is true of a take, told beside its clip: where the head was, what there was to see, how large, how deep the water stood. */
package hitch.sim.truth;
