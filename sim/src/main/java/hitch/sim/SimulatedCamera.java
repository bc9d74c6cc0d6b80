package hitch.sim;

import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.Picture;
import hitch.media.render.Still;
import hitch.media.render.VideoWriter;
import hitch.media.voice.Narrator;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Records the takes of a scenario as footage, with the truth beside each. */
public final class SimulatedCamera {
    private static final int AHEAD = 8;
    private static final int PHOTO_WIDTH = 960;
    private static final int PHOTO_HEIGHT = 1280;

    private final Scenario scenario;
    private final Narrator technician;
    private final PipeShape shape;
    private final PipeSkin skin;

    public SimulatedCamera(Scenario scenario, Narrator technician) {
        this.scenario = scenario;
        this.technician = technician;
        this.shape = new PipeShape(scenario);
        this.skin = new PipeSkin(scenario, shape);
    }

    /** Records every take, and takes every photograph, into {@code folder}. */
    public void recordAll(Path folder, Progress progress) throws MediaException {
        for (Scenario.Photo photo : scenario.photos()) {
            photograph(photo, folder.resolve(photo.file()));
        }
        double total =
                scenario.clips().stream().mapToDouble(Scenario.Take::seconds).sum();
        double done = 0;
        for (Scenario.Take take : scenario.clips()) {
            double next = done + take.seconds();
            record(take, folder.resolve(take.file()), progress.part(done / total, next / total));
            Truth.of(scenario, take).write(folder.resolve(take.file().replaceAll("\\.[^.]+$", "") + ".truth.json"));
            done = next;
        }
    }

    /** Takes one photograph, as a telephone would. */
    public void photograph(Scenario.Photo photo, Path out) throws MediaException {
        Scenario.Take way = scenario.clips().stream()
                .filter(t -> t.file().equals(photo.on()))
                .findFirst()
                .orElseThrow(() -> new MediaException(
                        photo.file() + " is to be taken on " + photo.on() + ", which is no clip of the scenario."));
        float[] light = new float[PHOTO_WIDTH * PHOTO_HEIGHT * 3];
        new GroundView(scenario, way).draw(photo.t(), PHOTO_WIDTH, PHOTO_HEIGHT, light);
        int[] rgb = new int[PHOTO_WIDTH * PHOTO_HEIGHT];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = eye(light[i * 3]) << 16 | eye(light[i * 3 + 1]) << 8 | eye(light[i * 3 + 2]);
        }
        Still.savePhoto(new Picture(PHOTO_WIDTH, PHOTO_HEIGHT, rgb, 0), out);
    }

    /** Light as a picture stores it. */
    private static int eye(float light) {
        return (int) Math.round(255 * Math.pow(Math.clamp(light, 0, 1), 1 / 2.2));
    }

    /** Records one take to {@code out}. */
    public void record(Scenario.Take take, Path out, Progress progress) throws MediaException {
        int frames = (int) Math.round(take.seconds() * scenario.rate());
        VideoWriter.Shape video =
                new VideoWriter.Shape(scenario.width(), scenario.height(), scenario.rate(), scenario.bitRate(), 32_000);
        float[] sound = Commentary.record(scenario, take, technician);
        try (VideoWriter writer = new VideoWriter(out, video, take.file(), List.of());
                ExecutorService pool =
                        Executors.newFixedThreadPool(Runtime.getRuntime().availableProcessors())) {
            List<Future<int[]>> waiting = new ArrayList<>();
            int asked = 0;
            int heard = 0;
            for (int frame = 0; frame < frames; frame++) {
                while (asked < frames && asked < frame + AHEAD) {
                    int number = asked++;
                    waiting.add(pool.submit(() -> draw(take, number)));
                }
                progress.at((double) frame / frames, "recording " + take.file());
                writer.picture(take(waiting.removeFirst()));
                int until = (int) Math.min(sound.length, (frame + 1L) * Narrator.RATE / scenario.rate());
                writer.sound(java.util.Arrays.copyOfRange(sound, heard, until));
                heard = until;
            }
            writer.finish();
        }
    }

    private static int[] take(Future<int[]> future) throws MediaException {
        try {
            return future.get();
        } catch (ExecutionException e) {
            throw new MediaException(
                    "a frame could not be drawn: " + e.getCause().getMessage(), e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new java.util.concurrent.CancellationException("recording was stopped");
        }
    }

    /** One frame of a take, as the recorder would store it. */
    public int[] draw(Scenario.Take take, int number) {
        double t = (double) number / scenario.rate();
        int width = Math.max(64, scenario.width() * 3 / 4);
        int height = Math.max(48, scenario.height() * 3 / 4);
        View view = take.aboveGround() ? new GroundView(scenario, take) : new PipeView(scenario, shape, skin, take);
        float[] light = new float[width * height * 3];
        view.draw(t, width, height, light);
        Recorder recorder = new Recorder(scenario, width, height);
        BufferedImage picture = new BufferedImage(scenario.width(), scenario.height(), BufferedImage.TYPE_INT_RGB);
        recorder.develop(light, number, !take.aboveGround(), picture);
        String counter = take.aboveGround()
                ? ""
                : String.format(Locale.ROOT, "%.1f ft", new CameraPath(scenario, take).cable(t));
        recorder.burn(picture, scenario.stamp() + "  " + scenario.visit().date(), counter);
        return ((DataBufferInt) picture.getRaster().getDataBuffer()).getData();
    }
}
