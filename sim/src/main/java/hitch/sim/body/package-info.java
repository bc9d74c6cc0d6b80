/** What stands in the bore apart from the wall, grown or crumpled once from its seed: roots, cloth, paper, plugs. */
package hitch.sim.body;
