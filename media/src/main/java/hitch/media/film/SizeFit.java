package hitch.media.film;

import hitch.core.story.Cutting;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.PictureShape;
import hitch.media.render.Still;
import hitch.media.render.VideoWriter;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Fits a film into so many bytes: some of it is drawn, coded in several sizes and rates, looked at again beside what was drawn, and
 * the one that is most like it among those that fit is taken. Nothing is guessed that can be measured in seconds.
 */
public final class SizeFit {
    /** Shots that are sampled, and pictures of each. */
    private static final int SHOTS = 4;

    private static final int PICTURES = 25;
    /** Every so many-th picture is compared. */
    private static final int COMPARED = 8;
    /** A sample is not the film: so much is left free. */
    private static final double FREE = 0.92;
    /** Below that a film is not worth being looked at. */
    public static final double WORTH = 0.9;

    private static final List<Integer> HEIGHTS = List.of(720, 540, 360);
    private static final List<Double> RATES = List.of(0.5, 1.0, 2.0);
    private static final int LEAST_BITS = 60_000;

    private SizeFit() {}

    /**
     * What was tried.
     *
     * @param shape size and rate
     * @param bytes that the whole film would take by it
     * @param likeness mean structural similarity to the film as drawn
     */
    public record Tried(FilmShape shape, long bytes, double likeness) {
        /** In a sentence: {@code 960 by 540, 0.62 Mb/s: about 9.8 MB, 0.962 like the full film}. */
        public String words() {
            return String.format(
                    Locale.ROOT,
                    "%d by %d, %.2f Mb/s: about %.1f MB, %.3f like the full film",
                    shape.width(),
                    shape.height(),
                    shape.bits() / 1e6,
                    bytes / 1e6,
                    likeness);
        }
    }

    /**
     * The best that fits; empty where nothing does.
     *
     * @param preview draws the film at its full shape; its pictures are as large as {@code full}
     * @param most bytes that the film may take
     * @param scratch a folder for what is tried, which is taken away again
     */
    public static Optional<Tried> best(
            ShotPreview preview, Cutting cutting, FilmShape full, long most, Path scratch, Progress progress)
            throws MediaException {
        List<int[]> drawn = sampled(preview, cutting, full);
        double nominal = most * FREE * 8 / Math.max(1, cutting.seconds()) - FilmShape.SOUND_BITS;
        List<Tried> tried = new ArrayList<>();
        List<FilmShape> shapes = shapes(full, nominal);
        int height = 0;
        List<int[]> scaled = List.of();
        for (int i = 0; i < shapes.size(); i++) {
            progress.at((double) i / shapes.size(), "trying sizes");
            FilmShape shape = shapes.get(i);
            if (shape.height() != height) {
                height = shape.height();
                scaled = drawn.stream()
                        .map(p -> scaled(image(p, full), shape.width(), shape.height()))
                        .toList();
            }
            tried.add(tried(drawn, scaled, full, shape, cutting.seconds(), scratch));
        }
        return tried.stream().filter(t -> t.bytes() <= most * FREE).max(Comparator.comparingDouble(Tried::likeness));
    }

    private static List<FilmShape> shapes(FilmShape full, double nominal) {
        List<FilmShape> all = new ArrayList<>(List.of(full));
        for (int height : HEIGHTS) {
            for (double rate : RATES) {
                int bits = (int) Math.min(full.bits(), nominal * rate);
                if (height <= full.height() && bits >= LEAST_BITS) {
                    all.add(new FilmShape(height * 16 / 9 / 2 * 2, height, full.rate(), bits));
                }
            }
        }
        return all.stream().distinct().toList();
    }

    /** Pictures that follow each other, from shots evenly through the film. */
    private static List<int[]> sampled(ShotPreview preview, Cutting cutting, FilmShape full) throws MediaException {
        List<int[]> all = new ArrayList<>();
        List<Cutting.Placed> placed = cutting.placed();
        int shots = Math.min(SHOTS, placed.size());
        for (int i = 0; i < shots; i++) {
            Cutting.Placed of = placed.get(placed.size() * (2 * i + 1) / (2 * shots));
            double from = Math.max(of.start(), (of.start() + of.end()) / 2 - PICTURES / 2.0 / full.rate());
            int[] last = null;
            for (int p = 0; p < PICTURES; p++) {
                double at = Math.min(of.end() - 1.0 / full.rate(), from + (double) p / full.rate());
                last = preview.at(of, at).map(int[]::clone).orElse(last);
                if (last != null) {
                    all.add(last);
                }
            }
        }
        return all;
    }

    private static Tried tried(
            List<int[]> drawn, List<int[]> scaled, FilmShape full, FilmShape shape, double seconds, Path scratch)
            throws MediaException {
        Path file = scratch.resolve("tried.mp4");
        try {
            VideoWriter.Shape coded =
                    new VideoWriter.Shape(shape.width(), shape.height(), shape.rate(), shape.bits(), 0);
            try (VideoWriter writer = new VideoWriter(file, coded, "", List.of())) {
                for (int[] picture : scaled) {
                    writer.picture(picture);
                }
                writer.finish();
            }
            double share = seconds * shape.rate() / drawn.size();
            long bytes = Math.round(Files.size(file) * share + seconds * FilmShape.SOUND_BITS / 8);
            return new Tried(shape, bytes, likeness(drawn, full, file));
        } catch (IOException e) {
            throw new MediaException("What was tried could not be written: " + e.getMessage(), e);
        } finally {
            quietly(file);
        }
    }

    private static double likeness(List<int[]> drawn, FilmShape full, Path file) throws MediaException {
        ClipFacts facts = ClipIndexer.index(file);
        double sum = 0;
        int count = 0;
        try (FrameReader reader = new FrameReader(file, facts.index(), PictureShape.AS_SHOWN)) {
            for (int i = 0; i < drawn.size(); i += COMPARED) {
                Picture seen = reader.frame(i);
                int[] large = scaled(Still.image(seen), full.width(), full.height());
                sum += Ssim.of(drawn.get(i), large, full.width(), full.height());
                count++;
            }
        }
        return sum / Math.max(1, count);
    }

    private static BufferedImage image(int[] rgb, FilmShape shape) {
        BufferedImage image = new BufferedImage(shape.width(), shape.height(), BufferedImage.TYPE_INT_RGB);
        image.setRGB(0, 0, shape.width(), shape.height(), rgb, 0, shape.width());
        return image;
    }

    private static int[] scaled(BufferedImage image, int width, int height) {
        BufferedImage to = image;
        if (image.getWidth() != width || image.getHeight() != height) {
            to = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
            Graphics2D g = to.createGraphics();
            g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            g.drawImage(image, 0, 0, width, height, null);
            g.dispose();
        }
        return to.getRGB(0, 0, width, height, null, 0, width);
    }

    private static void quietly(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            org.slf4j.LoggerFactory.getLogger(SizeFit.class).warn("what was tried could not be taken away", e);
        }
    }
}
