package hitch.sim.film;

import hitch.media.MediaException;
import hitch.media.voice.Narrator;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.view.CameraPath;
import java.util.Random;

/** The sound of a take: the hum of a pipe, the scrape of the cable, and the technician's words. */
final class Commentary {
    private Commentary() {}

    static float[] record(Scenario scenario, Take take, Narrator technician) throws MediaException {
        int rate = Narrator.RATE;
        float[] sound = new float[(int) Math.ceil(take.seconds() * rate)];
        CameraPath path = new CameraPath(scenario, take);
        Random random = new Random(scenario.seed() + take.file().hashCode());
        float low = 0;
        float band = 0;
        double scrape = 0;
        for (int i = 0; i < sound.length; i++) {
            if (i % 480 == 0) {
                scrape = take.aboveGround() ? 0.3 : Math.min(1, Math.abs(path.speed((double) i / rate)));
            }
            float white = random.nextFloat() * 2 - 1;
            low += (white - low) * 0.012f;
            band += (white - band) * 0.22f;
            sound[i] = low * 0.10f + (white - band) * 0.006f * (float) scrape;
        }
        for (Take.Line line : take.says()) {
            float[] words = Room.heard(
                    technician
                            .speak(hitch.core.story.SpokenForm.of(line.text()))
                            .samples(),
                    rate);
            int at = (int) (line.t() * rate);
            for (int i = 0; i < words.length && at + i < sound.length; i++) {
                sound[at + i] = Math.clamp(sound[at + i] + words[i] * 0.8f, -1f, 1f);
            }
        }
        return sound;
    }
}
