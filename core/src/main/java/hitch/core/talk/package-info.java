/**
 * What was said along the footage. {@link hitch.core.caption.CaptionReader} takes captions in, {@link
 * hitch.core.talk.TalkReader} joins them into sentences and reads them into {@link hitch.core.talk.Spoken} drafts with
 * their moments, {@link hitch.core.talk.Contradictions} holds them against each other and against the counter, and {@link
 * hitch.core.talk.SameFeature} knows a thing again when it is passed a second time.
 */
package hitch.core.talk;
