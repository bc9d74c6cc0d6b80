/**
 * A story as a video: {@link hitch.media.film.SpokenStory} speaks it, {@link hitch.media.film.StoryRenderer} plays it into a file, a scene for each
 * kind of shot; {@link hitch.media.film.EncodingThread} codes pictures while the next are drawn.
 */
package hitch.media.film;
