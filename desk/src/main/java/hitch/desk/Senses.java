package hitch.desk;

import hitch.desk.record.DeviceMicrophone;
import hitch.desk.record.Microphone;
import hitch.media.MediaException;
import hitch.media.ears.Ears;
import hitch.media.ears.Listening;
import hitch.media.voice.Narrator;
import java.util.function.Supplier;

/**
 * What the program speaks and hears with.
 *
 * @param voice who speaks where nobody chose another, and keeps nothing of it
 * @param ears who writes down what is said
 * @param microphone where sound comes in
 * @param listening who writes down what is said on a clip
 */
public record Senses(Narrator voice, Ears.Opening ears, Supplier<Microphone> microphone, Listening listening) {
    /** A voice and the machine's microphone, and nobody who understands what is said. */
    public static Senses of(Narrator voice) {
        return new Senses(
                voice,
                () -> {
                    throw new MediaException("What is said is not compared with what is written here.");
                },
                DeviceMicrophone::new,
                (sound, heard, from, kept, progress) -> {
                    throw new MediaException("Nobody listens here. Drop captions on the footage in its place.");
                });
    }
}
