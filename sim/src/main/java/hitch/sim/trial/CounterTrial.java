package hitch.sim.trial;

import hitch.media.MediaException;
import hitch.media.render.VideoWriter;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.DataBufferInt;
import java.awt.image.Kernel;
import java.nio.file.Path;
import java.util.Random;

/**
 * One made-up recording of a counter.
 *
 * @param look how the counter is burned in
 * @param noise grain, brightness steps (standard deviation)
 * @param blur softness of the lens and its burned-in writing, pixels (standard deviation)
 * @param blinks whether the counter is missing for some seconds
 * @param turnedFrom seconds from which the picture stands on its head, writing and all; infinite for never
 * @param bits bits a second
 * @param rate pictures a second
 * @param seed of everything random
 */
public record CounterTrial(
        CounterLook look,
        VideoWriter.Coding coding,
        double noise,
        double blur,
        boolean blinks,
        double turnedFrom,
        int bits,
        double seconds,
        int rate,
        ReelPath path,
        long seed) {
    public static final int WIDTH = 720;
    public static final int HEIGHT = 480;

    /** Whether the counter is on the picture at {@code at} seconds. */
    public boolean visible(double at) {
        return !blinks || at % 17 < 14.5;
    }

    /** Whether the picture stands on its head at {@code at} seconds. */
    public boolean turned(double at) {
        return frameTime(at) >= turnedFrom;
    }

    /** What the counter shows at {@code at} seconds, in its own unit. */
    public double shown(double at) {
        return look.form().shown(path.counter(frameTime(at)));
    }

    /** The moment that the picture shown at {@code at} was drawn for. */
    private double frameTime(double at) {
        return Math.round(at * rate) / (double) rate;
    }

    /** Records it. */
    public void record(Path file) throws MediaException {
        Random random = new Random(seed);
        Tunnel tunnel = new Tunnel(WIDTH, HEIGHT, random);
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        VideoWriter.Shape shape = new VideoWriter.Shape(WIDTH, HEIGHT, rate, bits, 0, coding);
        try (VideoWriter writer = new VideoWriter(file, shape, "trial", java.util.List.of())) {
            for (int n = 0; n < seconds * rate; n++) {
                double at = n / (double) rate;
                tunnel.draw(path.cable(at), pixels);
                if (visible(at)) {
                    Graphics2D g = image.createGraphics();
                    look.burn(g, WIDTH, HEIGHT, path.counter(at), at);
                    g.dispose();
                }
                writer.picture(spoilt(image, at >= turnedFrom, random));
            }
            writer.finish();
        }
    }

    private int[] spoilt(BufferedImage image, boolean upsideDown, Random random) {
        BufferedImage soft = blur < 0.2 ? image : soft(image);
        int[] from = soft.getRGB(0, 0, WIDTH, HEIGHT, null, 0, WIDTH);
        int[] to = new int[from.length];
        int state = random.nextInt() | 1;
        for (int i = 0; i < from.length; i++) {
            state ^= state << 13;
            state ^= state >>> 17;
            state ^= state << 5;
            // Four even throws together are near enough to a bell curve.
            int throwing = (state & 255) + (state >>> 8 & 255) + (state >>> 16 & 255) + (state >>> 24) - 510;
            int grain = (int) (throwing * noise / 148);
            int rgb = from[i];
            int r = Math.clamp((rgb >> 16 & 255) + grain, 0, 255);
            int g = Math.clamp((rgb >> 8 & 255) + grain, 0, 255);
            int b = Math.clamp((rgb & 255) + grain, 0, 255);
            to[upsideDown ? from.length - 1 - i : i] = r << 16 | g << 8 | b;
        }
        return to;
    }

    /** Softened across and then down, which together is round. */
    private BufferedImage soft(BufferedImage image) {
        int reach = (int) Math.ceil(2.5 * blur);
        float[] weights = new float[2 * reach + 1];
        float total = 0;
        for (int i = 0; i < weights.length; i++) {
            weights[i] = (float) Math.exp(-(i - reach) * (i - reach) / (2 * blur * blur));
            total += weights[i];
        }
        for (int i = 0; i < weights.length; i++) {
            weights[i] /= total;
        }
        BufferedImage across =
                new ConvolveOp(new Kernel(weights.length, 1, weights), ConvolveOp.EDGE_NO_OP, null).filter(image, null);
        return new ConvolveOp(new Kernel(1, weights.length, weights), ConvolveOp.EDGE_NO_OP, null).filter(across, null);
    }
}
