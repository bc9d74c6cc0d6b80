/** Speech: text in, sound out. {@link hitch.media.voice.BuiltInVoice} needs nothing but what is shipped. */
package hitch.media.voice;
