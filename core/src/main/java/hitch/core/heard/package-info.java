/**
 * What was heard on a clip. {@link hitch.core.heard.SpeechPieces} cuts its sound, by how likely somebody speaks, into pieces that are
 * written down at once; {@link hitch.core.heard.WordTimes} tells when each word of a piece was said; {@link hitch.core.heard.HeardLines}
 * makes captions of them, with numbers as figures.
 */
package hitch.core.heard;
