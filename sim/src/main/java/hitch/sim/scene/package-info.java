/**
 * What a made-up visit is said to be, as a person writes it: the pipe from the building to the main, each {@link hitch.sim.scene.Thing}
 * in it, and what the camera does on each take. Nothing here draws.
 */
package hitch.sim.scene;
