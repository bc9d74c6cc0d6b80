/**
 * Footage under the hand. A {@link hitch.desk.play.Player} has one {@link hitch.desk.play.PlayClock}; pictures and sound
 * follow it and drop what they cannot keep up with. A {@link hitch.desk.play.FrameFeed} decodes on a thread of its own and
 * always tells which frame it is that it shows.
 */
package hitch.desk.play;
