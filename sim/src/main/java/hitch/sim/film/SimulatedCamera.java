package hitch.sim.film;

import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.Picture;
import hitch.media.render.Still;
import hitch.media.render.VideoWriter;
import hitch.media.voice.Narrator;
import hitch.sim.pipe.Bore;
import hitch.sim.pipe.Skin;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import hitch.sim.truth.Truth;
import hitch.sim.view.CameraPath;
import hitch.sim.view.PipeView;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
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
    private final Map<String, Bore> bores = new ConcurrentHashMap<>();
    /** The wall as it is on a take, by what is painted into it. */
    private final Map<Painted, Skin> skins = new ConcurrentHashMap<>();

    private final Map<String, Recorder> recorders = new ConcurrentHashMap<>();
    private final Map<Take, View> views = new ConcurrentHashMap<>();

    public SimulatedCamera(Scenario scenario, Narrator technician) {
        this.scenario = scenario;
        this.technician = technician;
    }

    /** Records every take, and takes every photograph, into {@code folder}. */
    public void recordAll(Path folder, Progress progress) throws MediaException {
        for (Scenario.Photo photo : scenario.photos()) {
            photograph(photo, folder.resolve(photo.file()));
        }
        double total = scenario.clips().stream().mapToDouble(Take::seconds).sum();
        double done = 0;
        for (Take take : scenario.clips()) {
            double next = done + take.seconds();
            record(take, folder.resolve(take.file()), progress.part(done / total, next / total));
            truth(take).write(folder.resolve(take.file().replaceAll("\\.[^.]+$", "") + ".truth.json"));
            done = next;
        }
    }

    /** Takes one photograph, as a telephone would. */
    public void photograph(Scenario.Photo photo, Path out) throws MediaException {
        Take way = scenario.clips().stream()
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
    public void record(Take take, Path out, Progress progress) throws MediaException {
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
    public int[] draw(Take take, int number) {
        double t = (double) number / scenario.rate();
        int width = drawn(scenario.width());
        int height = drawn(scenario.height());
        float[] light = new float[width * height * 3];
        views.computeIfAbsent(take, this::view).draw(t, width, height, light);
        Recorder recorder = take.aboveGround()
                ? recorders.computeIfAbsent("ground", k -> new Recorder(scenario, width, height, false))
                : recorders.computeIfAbsent("pipe", k -> new Recorder(scenario, width, height, true));
        BufferedImage picture = new BufferedImage(scenario.width(), scenario.height(), BufferedImage.TYPE_INT_RGB);
        recorder.develop(light, number, picture);
        recorder.burn(picture, new CameraPath(scenario, take).cable(t), !take.aboveGround());
        return ((DataBufferInt) picture.getRaster().getDataBuffer()).getData();
    }

    /** A push camera's lens tells fewer points apart than its recorder stores. */
    private int drawn(int pixels) {
        return Math.max(48, scenario.width() > 800 ? pixels * 5 / 12 : pixels * 2 / 3);
    }

    private View view(Take take) {
        if (take.aboveGround()) {
            return new GroundView(scenario, take);
        }
        Scenario pipe = scenario.pipeOf(take);
        return new PipeFilm(new PipeView(pipe, bore(take), skin(take), take), bore(take), pipe, take);
    }

    private Bore bore(Take take) {
        return bores.computeIfAbsent(take.branch(), b -> new Bore(scenario.pipeOf(take)));
    }

    /** The wall as it is on a take. */
    private Skin skin(Take take) {
        Scenario pipe = scenario.pipeOf(take);
        List<Thing> painted = pipe.things().stream()
                .filter(t -> t.kind().isWall() && t.isOn(take))
                .toList();
        return skins.computeIfAbsent(new Painted(take.branch(), painted), p -> new Skin(pipe, bore(take), painted));
    }

    private Truth truth(Take take) {
        return take.aboveGround()
                ? Truth.of(scenario, take)
                : Truth.of(scenario.pipeOf(take), take, bore(take), skin(take));
    }

    /** What a wall is painted with: where, and which things. */
    private record Painted(String branch, List<Thing> things) {}
}
