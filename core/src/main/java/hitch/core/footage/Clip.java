package hitch.core.footage;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * One footage file of a job, or one photograph, read only.
 *
 * @param id name within the job
 * @param file path of the file; relative to the job folder where it lies inside it
 * @param sha256 SHA-256 of the whole file, 64 hexadecimal digits
 * @param bytes length of the file
 * @param base time base of its picture stream
 * @param firstPts presentation time of the first frame, ticks
 * @param endPts presentation time at which the last frame ends, ticks; greater than {@code firstPts}
 * @param frames number of frames, 1 or more
 * @param width picture width, pixels
 * @param height picture height, pixels
 * @param sound whether the file has a sound stream
 * @param recorded when the file says it was recorded, as written in it; empty when it does not say
 * @param photo whether it is a photograph: one picture, on no run
 */
@RecordBuilder
public record Clip(
        ClipId id,
        String file,
        String sha256,
        long bytes,
        TimeBase base,
        long firstPts,
        long endPts,
        int frames,
        int width,
        int height,
        boolean sound,
        String recorded,
        boolean photo)
        implements ClipBuilder.With {
    public Clip {
        if (frames < 1 || endPts <= firstPts) {
            throw new IllegalArgumentException(file + " holds no frames");
        }
        if (!sha256.matches("[0-9a-f]{64}")) {
            throw new IllegalArgumentException(file + " has no valid SHA-256");
        }
    }

    /** Footage, as a camera in the pipe records it. */
    public Clip(
            ClipId id,
            String file,
            String sha256,
            long bytes,
            TimeBase base,
            long firstPts,
            long endPts,
            int frames,
            int width,
            int height,
            boolean sound,
            String recorded) {
        this(id, file, sha256, bytes, base, firstPts, endPts, frames, width, height, sound, recorded, false);
    }

    /** This clip with its file at another place. */
    public Clip at(String path) {
        return withFile(path);
    }

    /** Seconds from the clip's first frame to {@code pts}; for display. */
    public double secondsInto(long pts) {
        return base.seconds(pts - firstPts);
    }

    /** The tick at {@code seconds} after the first frame, kept within the clip. */
    public long ptsAt(double seconds) {
        return Math.clamp(firstPts + base.ticks(seconds), firstPts, endPts - 1);
    }

    /** Length of the clip in seconds. */
    public double seconds() {
        return base.seconds(endPts - firstPts);
    }

    /** The file's name without its folders. */
    public String fileName() {
        return file.substring(Math.max(file.lastIndexOf('/'), file.lastIndexOf('\\')) + 1);
    }
}
