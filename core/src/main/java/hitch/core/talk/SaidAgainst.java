package hitch.core.talk;

import hitch.core.footage.FrameRef;

/**
 * Something that was said along a clip and disagrees with something else, while nobody has settled it.
 *
 * @param key the draft it is about, with its captions: the same whenever they are read again
 * @param frame when it was said
 * @param sort what disagrees
 * @param words what disagrees, in a sentence
 */
public record SaidAgainst(String key, FrameRef frame, Contradiction.Sort sort, String words) {}
