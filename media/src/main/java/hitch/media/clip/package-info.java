/**
 * Reading footage: {@link hitch.media.clip.ClipIndexer} lists every frame once, {@link hitch.media.clip.FrameReader} gives
 * exactly the frame asked for, {@link hitch.media.clip.SoundReader} the sound beside it.
 */
package hitch.media.clip;
