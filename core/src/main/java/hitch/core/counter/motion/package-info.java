/**
 * How the camera itself moved, as its pictures show it, for clips without a counter. The wall of a round pipe is unrolled
 * from each picture; from one to the next it slides along as far as the camera went. That gives the motion but for its
 * scale, which two known places give.
 */
package hitch.core.counter.motion;
