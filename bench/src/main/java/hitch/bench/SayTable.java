package hitch.bench;

import hitch.core.caption.SoundAlikes;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.Note;
import hitch.core.note.NoteReader;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.story.SpokenForm;
import hitch.media.MediaException;
import hitch.media.ears.Favoured;
import hitch.media.ears.Recogniser;
import hitch.media.voice.NeuralVoice;
import hitch.media.voice.Sound;
import hitch.media.voice.Speaker;
import hitch.media.voice.Speaking;
import hitch.models.ModelFolder;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;

/** Whether a note that is spoken is understood as the same note typed: fifteen notes in four voices, with noise 15 dB below. */
public final class SayTable {
    private static final double BELOW = 15;

    private static final List<String> NOTES = List.of(
            "heavy roots at the top",
            "roots from 10 to 2 o'clock",
            "offset half an inch to the right",
            "crack on the left",
            "hairline crack at the top",
            "standing water, half full",
            "scale on the bottom",
            "wye on the left",
            "tie-in on the right",
            "grease on both sides",
            "hole at 4 o'clock",
            "gap, three eighths of an inch",
            "broken pipe at the bottom",
            "wipes hanging on the joint",
            "clay to PVC");

    private SayTable() {}

    public static void run(Path data, long seed, Consumer<String> say) throws MediaException {
        ModelFolder models = new ModelFolder(data);
        NoteReader reader = new TradeNoteReader();
        int right = 0;
        int all = 0;
        double longest = 0;
        try (Recogniser ears = new Recogniser(models, Favoured.inNotes())) {
            for (Speaker speaker : Speaker.values()) {
                NeuralVoice voice = new NeuralVoice(models, new Speaking(speaker, 1.0));
                for (String note : NOTES) {
                    Sound sound = new Noise(seed + all).over(voice.speak(SpokenForm.of(note)), BELOW);
                    long began = System.nanoTime();
                    String heard =
                            SoundAlikes.mended(ears.hear(sound).text().strip()).replaceAll("[.]$", "");
                    Note understood = reader.read(heard, LengthUnit.FEET);
                    longest = Math.max(longest, (System.nanoTime() - began) / 1e9);
                    boolean same = same(reader.read(note, LengthUnit.FEET), understood);
                    all++;
                    right += same ? 1 : 0;
                    if (!same) {
                        say.accept("       said: " + note + "  heard: " + heard);
                    }
                }
                voice.rest();
            }
        }
        say.accept(String.format(
                Locale.ROOT,
                "%d spoken notes, noise %.0f dB below: %d understood as typed (%.0f %%); the longest took %.2f s",
                all,
                BELOW,
                right,
                100.0 * right / all,
                longest));
    }

    private static boolean same(Note typed, Note spoken) {
        Draft one = typed.first();
        Draft other = spoken.first();
        return one.matter() == other.matter()
                && one.place().equals(other.place())
                && one.traits().equals(other.traits());
    }
}
