/**
 * A deliverable as a story: chapters of shots, each shot with its narration. {@link hitch.core.story.ScriptWriter} writes
 * one for each {@link hitch.core.disclosure.Recipient} from what they may see; {@link hitch.core.story.Cutting} lays it out in time
 * once the length of every narration is known; the captions come from the same words and the same times.
 */
package hitch.core.story;
