package hitch.media.voice;

/**
 * One channel of sound.
 *
 * @param samples amplitudes, -1 to 1; not copied, not to be changed
 * @param rate samples a second
 */
public record Sound(float[] samples, int rate) {
    public double seconds() {
        return (double) samples.length / rate;
    }
}
