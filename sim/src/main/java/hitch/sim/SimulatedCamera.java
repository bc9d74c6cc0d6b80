package hitch.sim;

import hitch.media.MediaException;
import hitch.media.Progress;
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

    /** Records every take into {@code folder}. */
    public void recordAll(Path folder, Progress progress) throws MediaException {
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
