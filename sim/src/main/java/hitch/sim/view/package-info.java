/**
 * What a push camera sees of a drawn pipe: rays from the lens meet the wall, water, the main or daylight; roots, cloth and lumps that
 * stand in the bore are put before them. The only light is the ring round the lens, so it falls off with distance.
 */
package hitch.sim.view;
