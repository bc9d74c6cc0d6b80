package hitch.desk;

import hitch.desk.record.DeviceMicrophone;
import hitch.desk.record.Microphone;
import hitch.media.MediaException;
import hitch.media.ears.Ears;
import hitch.media.voice.Narrator;
import java.util.function.Supplier;

/**
 * What the program speaks and hears with.
 *
 * @param voice who speaks where nobody chose another, and keeps nothing of it
 * @param ears who writes down what is said
 * @param microphone where sound comes in
 */
public record Senses(Narrator voice, Ears.Opening ears, Supplier<Microphone> microphone) {
    /** A voice and the machine's microphone, and nobody who understands what is said. */
    public static Senses of(Narrator voice) {
        return new Senses(
                voice,
                () -> {
                    throw new MediaException("What is said is not compared with what is written here.");
                },
                DeviceMicrophone::new);
    }
}
