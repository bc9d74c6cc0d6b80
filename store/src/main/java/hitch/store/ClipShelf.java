package hitch.store;

import hitch.core.eyes.ClipWall;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipScan;
import hitch.core.gauge.ClipRims;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.ClipScanner;
import hitch.media.clip.IndexFile;
import hitch.media.clip.Picture;
import hitch.media.render.Still;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What was learnt of a job's clips, kept in its folder under their fingerprints: frames, what a look through found, and
 * pictures along the length. All of it can be made again, so trouble with it is only logged.
 */
public final class ClipShelf {
    /** Pictures along a clip. */
    public static final int PICTURES = 40;
    /** Height of a picture along a clip, pixels. */
    public static final int PICTURE_HEIGHT = 72;
    /** Width of a picture along a clip, pixels. */
    public static final int PICTURE_WIDTH = 96;

    private static final Logger LOG = LoggerFactory.getLogger(ClipShelf.class);

    private interface Reading<T> {
        T read(InputStream in) throws IOException;
    }

    private interface Writing {
        void write(OutputStream out) throws IOException;
    }

    private final Path folder;

    ClipShelf(Path jobFolder) {
        this.folder = jobFolder.resolve("clips-read");
    }

    Optional<ClipIndex> index(String sha256) {
        return read(sha256 + ".frames", IndexFile::readIndex);
    }

    void keep(String sha256, ClipIndex index) {
        write(sha256 + ".frames", out -> IndexFile.write(index, out));
    }

    /** What a look through {@code clip} found; empty while there was none. */
    public Optional<ClipScan> scan(Clip clip) {
        return read(clip.sha256() + ".scan", IndexFile::readScan);
    }

    /** The pictures along {@code clip}, side by side in one image; it may not be there yet. */
    public Path film(Clip clip) {
        return folder.resolve(clip.sha256() + "-film.png");
    }

    /** The rims that were seen along a clip; empty while nobody looked for them. */
    public Optional<ClipRims> rims(Clip clip) {
        return read(clip.sha256() + ".rims", RimsFile::read);
    }

    /** Keeps them. */
    public void keepRims(Clip clip, ClipRims rims) {
        write(clip.sha256() + ".rims", out -> RimsFile.write(rims, out));
    }

    /** The wall along a clip; empty while nobody looked at it. */
    public Optional<ClipWall> wall(Clip clip) {
        return read(clip.sha256() + ".wall", in -> WallFile.read(new BufferedInputStream(in)));
    }

    /** Whether it was looked at. */
    public boolean hasWall(Clip clip) {
        return Files.exists(folder.resolve(clip.sha256() + ".wall"));
    }

    /** Keeps it. */
    public void keepWall(Clip clip, ClipWall wall) {
        write(clip.sha256() + ".wall", out -> WallFile.write(wall, out));
    }

    /** What was seen of a clip when it was taken in; empty before. */
    public Optional<IntakeSigns> signs(Clip clip) {
        return read(clip.sha256() + ".signs", in -> {
            DataInputStream data = new DataInputStream(in);
            return new IntakeSigns(data.readBoolean(), data.readDouble());
        });
    }

    /** Keeps it. */
    public void keepSigns(Clip clip, IntakeSigns signs) {
        write(clip.sha256() + ".signs", out -> {
            DataOutputStream data = new DataOutputStream(out);
            data.writeBoolean(signs.turned());
            data.writeDouble(signs.openAir());
        });
    }

    /** What was written down of a clip's speech; nothing while nobody has listened. */
    public HeardSoFar heard(Clip clip) {
        return read(clip.sha256() + ".heard", HeardFile::read).orElse(HeardSoFar.NOTHING);
    }

    /** Keeps it. */
    public void keepHeard(Clip clip, HeardSoFar heard) {
        write(clip.sha256() + ".heard", out -> HeardFile.write(heard, out));
    }

    /** Looks through a clip, keeps what was found, and tells it. */
    ClipScan look(Clip clip, Path file, ClipIndex index, Progress progress) throws MediaException {
        BufferedImage film = new BufferedImage(PICTURES * PICTURE_WIDTH, PICTURE_HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = film.createGraphics();
        ClipScanner.Outcome found = ClipScanner.scan(file, index, new Film(g), progress);
        g.dispose();
        write(clip.sha256() + "-film.png", out -> ImageIO.write(film, "png", out));
        write(clip.sha256() + ".scan", out -> IndexFile.write(found.scan(), out));
        return found.scan();
    }

    /** Lays the pictures side by side, each whole in its field. */
    private record Film(Graphics2D g) implements ClipScanner.Pictures {
        @Override
        public int wanted() {
            return PICTURES;
        }

        @Override
        public void take(int place, Picture picture) {
            double scale =
                    Math.max((double) PICTURE_WIDTH / picture.width(), (double) PICTURE_HEIGHT / picture.height());
            int width = (int) Math.ceil(picture.width() * scale);
            int height = (int) Math.ceil(picture.height() * scale);
            g.setClip(place * PICTURE_WIDTH, 0, PICTURE_WIDTH, PICTURE_HEIGHT);
            g.setRenderingHint(
                    java.awt.RenderingHints.KEY_INTERPOLATION, java.awt.RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            g.drawImage(
                    Still.image(picture),
                    place * PICTURE_WIDTH + (PICTURE_WIDTH - width) / 2,
                    (PICTURE_HEIGHT - height) / 2,
                    width,
                    height,
                    null);
        }
    }

    private <T> Optional<T> read(String name, Reading<T> how) {
        Path file = folder.resolve(name);
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        try (InputStream in = Files.newInputStream(file)) {
            return Optional.of(how.read(in));
        } catch (IOException e) {
            LOG.warn("what was kept of a clip cannot be read and is made again: {}", file, e);
            return Optional.empty();
        }
    }

    private void write(String name, Writing how) {
        Path file = folder.resolve(name);
        Path part = folder.resolve(name + ".part");
        try {
            Files.createDirectories(folder);
            try (OutputStream out = Files.newOutputStream(part)) {
                how.write(out);
            }
            Files.move(part, file, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            LOG.warn("what was learnt of a clip cannot be kept: {}", file, e);
        }
    }
}
