package hitch.media.clip;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import hitch.media.MediaException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What a photograph says of itself besides its picture, by its Exif tags. Of where in the world it was taken nothing is
 * read, and nothing of its tags is ever written on.
 */
final class Photograph {
    /**
     * @param turn degrees that the picture is to be turned clockwise to stand as it was seen: 0, 90, 180 or 270
     * @param mirrored whether left and right are to be exchanged before that
     * @param taken when it was taken, as written in it, such as {@code 2026-09-14T10:31:05}; empty where it does not say
     */
    record Tags(int turn, boolean mirrored, String taken) {
        static final Tags NONE = new Tags(0, false, "");
    }

    private static final Logger LOG = LoggerFactory.getLogger(Photograph.class);
    private static final Set<String> HEIF = Set.of("heic", "heix", "heim", "heis", "hevc", "mif1", "msf1", "avif");
    private static final int BRAND_AT = 8;

    private Photograph() {}

    /**
     * Refuses the pictures that telephones store in tiles, of which only one tile would be seen.
     *
     * @throws MediaException saying how to have it as JPEG
     */
    static void refuseUnreadable(Path file) throws MediaException {
        try (InputStream in = Files.newInputStream(file)) {
            String head = new String(in.readNBytes(BRAND_AT + 4), StandardCharsets.ISO_8859_1);
            if (head.length() == BRAND_AT + 4
                    && head.startsWith("ftyp", 4)
                    && HEIF.contains(head.substring(BRAND_AT))) {
                throw new MediaException(file.getFileName() + " is a photograph in a form (HEIF) that cannot be read. "
                        + "Nothing was changed. Export it as JPEG, or set the telephone to its most compatible form.");
            }
        } catch (IOException e) {
            throw new MediaException(file.getFileName() + " cannot be read: " + e.getMessage(), e);
        }
    }

    /** The tags of a photograph; one without any, or with damaged ones, stands as it is stored. */
    static Tags tags(Path file) {
        try {
            Metadata all = ImageMetadataReader.readMetadata(file.toFile());
            ExifIFD0Directory first = all.getFirstDirectoryOfType(ExifIFD0Directory.class);
            Integer stands = first == null ? null : first.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
            int orientation = stands == null ? 1 : stands;
            return new Tags(turn(orientation), Set.of(2, 4, 5, 7).contains(orientation), taken(all));
        } catch (ImageProcessingException | IOException | RuntimeException e) {
            LOG.info("the tags of {} cannot be read", file.getFileName(), e);
            return Tags.NONE;
        }
    }

    /** By Exif 2.32, 4.6.4 A, tag Orientation. */
    private static int turn(int orientation) {
        return switch (orientation) {
            case 3, 4 -> 180;
            case 6, 7 -> 90;
            case 5, 8 -> 270;
            default -> 0;
        };
    }

    private static String taken(Metadata all) {
        ExifSubIFDDirectory more = all.getFirstDirectoryOfType(ExifSubIFDDirectory.class);
        String written = more == null ? null : more.getString(ExifDirectoryBase.TAG_DATETIME_ORIGINAL);
        return written != null && written.matches("\\d{4}:\\d\\d:\\d\\d \\d\\d:\\d\\d:\\d\\d")
                ? written.substring(0, 10).replace(':', '-') + "T" + written.substring(11)
                : "";
    }
}
