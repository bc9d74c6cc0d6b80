package hitch.bench;

import hitch.media.voice.Sound;
import java.util.Random;

/** The sound of a basement: an echo, the hum and hiss of a reel, cable that clicks. */
final class Noise {
    private static final double ECHO_S = 0.22;
    private static final double HUM_HZ = 60;

    private final Random chance;

    Noise(long seed) {
        this.chance = new Random(seed);
    }

    /**
     * Speech as a microphone in a room hears it.
     *
     * @param below how far the noise lies below the speech, decibels
     */
    Sound over(Sound speech, double below) {
        float[] wet = echoed(speech);
        float[] noise = reel(wet.length, speech.rate());
        double gain = rms(wet) / rms(noise) * Math.pow(10, -below / 20);
        for (int i = 0; i < wet.length; i++) {
            wet[i] += (float) (gain * noise[i]);
        }
        return new Sound(wet, speech.rate());
    }

    /** Nobody speaks. */
    Sound alone(double seconds, int rate) {
        float[] noise = reel((int) (seconds * rate), rate);
        double gain = 0.03 / rms(noise);
        for (int i = 0; i < noise.length; i++) {
            noise[i] *= (float) gain;
        }
        return new Sound(noise, rate);
    }

    private float[] echoed(Sound speech) {
        float[] out = speech.samples().clone();
        int taps = 40;
        for (int t = 0; t < taps; t++) {
            int delay = 1 + (int) (chance.nextDouble() * ECHO_S * speech.rate());
            double weight = 0.18 * Math.exp(-5.0 * delay / (ECHO_S * speech.rate())) * (chance.nextBoolean() ? 1 : -1);
            for (int i = delay; i < out.length; i++) {
                out[i] += (float) (weight * speech.samples()[i - delay]);
            }
        }
        return out;
    }

    private float[] reel(int length, int rate) {
        float[] out = new float[length];
        double low = 0;
        double click = 0;
        for (int i = 0; i < length; i++) {
            double t = (double) i / rate;
            double white = chance.nextGaussian();
            low += 0.12 * (white - low);
            if (chance.nextDouble() < 5.0 / rate) {
                click = 2.5;
            }
            click *= 0.995;
            out[i] = (float) (0.5 * Math.sin(2 * Math.PI * HUM_HZ * t)
                    + 0.3 * Math.sin(2 * Math.PI * 2 * HUM_HZ * t)
                    + 0.2 * Math.sin(2 * Math.PI * 5 * HUM_HZ * t + Math.sin(t))
                    + 1.2 * low
                    + 0.12 * white
                    + click * chance.nextGaussian() * 0.3);
        }
        return out;
    }

    private static double rms(float[] samples) {
        double sum = 0;
        for (float s : samples) {
            sum += s * s;
        }
        return Math.sqrt(sum / Math.max(1, samples.length)) + 1e-9;
    }
}
