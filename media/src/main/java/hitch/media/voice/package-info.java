/**
 * Speech: text in, sound out. {@link hitch.media.voice.NeuralVoice} needs nothing but what is shipped; {@link hitch.media.voice.KeptSpeech} makes
 * no sentence twice; {@link hitch.media.voice.Pronunciation} says how words sound.
 */
package hitch.media.voice;
