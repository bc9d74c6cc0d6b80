/**
 * Where the camera head was. The counter on the picture shows a <em>reading</em>; a <em>zeroing</em> is the moment it
 * was set to nothing. From readings and zeroings {@link hitch.core.counter.CounterTrace} gives the length of cable
 * paid out at every frame, and with it passes, speed and every time the head stood at a given distance.
 */
package hitch.core.counter;
