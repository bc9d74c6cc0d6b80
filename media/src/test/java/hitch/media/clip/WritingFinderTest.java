package hitch.media.clip;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.counter.sight.GreyPicture;
import hitch.core.counter.sight.Region;
import hitch.core.counter.sight.WritingFinder;
import hitch.core.footage.Patch;
import hitch.core.footage.TimeBase;
import hitch.core.footage.Writing;
import hitch.media.draw.Typefaces;
import java.awt.Color;
import java.util.List;
import java.util.Random;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Writing beside the counter, on drawn pictures of which it is known what stands where. */
class WritingFinderTest {
    private static final DrawnCounter.Look COUNTER =
            new DrawnCounter.Look(Typefaces.text(26), 330, 200, Color.WHITE, false, "%.1f ft");
    private static final int LOOKS = 26;
    private static final TimeBase BASE = new TimeBase(1, 2);

    /** Drawn once for all tests. */
    private static final List<GreyPicture> DRAWN = drawn(COUNTER);

    private List<Writing> found(IntFunction<GreyPicture> pictures) {
        WritingFinder finder = new WritingFinder(BASE);
        for (int i = 0; i < LOOKS; i++) {
            finder.look(i, pictures.apply(i));
        }
        return finder.found(0, LOOKS);
    }

    private static List<GreyPicture> drawn(DrawnCounter.Look look) {
        Random random = new Random(5);
        return IntStream.range(0, LOOKS)
                .mapToObj(i -> DrawnCounter.draw(look, i / 2.0, 1, random))
                .toList();
    }

    private static boolean covers(List<Writing> all, int x, int y, long pts) {
        return all.stream()
                .anyMatch(w -> w.at(pts).isPresent()
                        && Patch.pixel(w.patch().left(), DrawnCounter.WIDTH, false) <= x
                        && Patch.pixel(w.patch().right(), DrawnCounter.WIDTH, true) > x
                        && Patch.pixel(w.patch().top(), DrawnCounter.HEIGHT, false) <= y
                        && Patch.pixel(w.patch().bottom(), DrawnCounter.HEIGHT, true) > y);
    }

    @Test
    void findsAJobNumberAndLeavesTheCounter() {
        List<Writing> found = found(DRAWN::get);
        assertThat(covers(found, 16, 18, 0)).as("its first letter").isTrue();
        assertThat(covers(found, 150, 18, LOOKS - 1)).as("its last, at the end").isTrue();
        for (int x = 330; x < 430; x += 5) {
            assertThat(covers(found, x, 192, 20)).as("the counter at %d", x).isFalse();
        }
        assertThat(covers(found, DrawnCounter.WIDTH / 2, DrawnCounter.HEIGHT / 2, 20))
                .isFalse();
    }

    @Test
    void findsWhatIsShownForSomeSecondsWhileItIsShown() {
        List<Writing> found = found(i -> {
            GreyPicture picture = DRAWN.get(i);
            return i < 10 ? withTitle(picture) : picture;
        });
        assertThat(covers(found, 130, 118, 0)).isTrue();
        assertThat(covers(found, 130, 118, 9)).isTrue();
        assertThat(covers(found, 130, 118, 24)).as("long after it went").isFalse();
    }

    @Test
    void findsItWhereTheCameraStands() {
        GreyPicture still = withTitle(DRAWN.get(3));
        assertThat(covers(found(i -> still), 130, 118, 20)).isTrue();
    }

    @Test
    void aPipeWithoutWritingHasNone() {
        DrawnCounter.Look nothing = new DrawnCounter.Look(Typefaces.text(26), 330, 200, Color.WHITE, false, "");
        List<GreyPicture> pictures = drawn(nothing);
        assertThat(found(i -> pictures.get(i).crop(new Region(0, 40, DrawnCounter.WIDTH, 180))))
                .isEmpty();
    }

    @Test
    void fewLooksAreNoTrouble() {
        WritingFinder finder = new WritingFinder(BASE);
        assertThat(finder.found(0, 10)).isEmpty();
        finder.look(0, DRAWN.get(0));
        finder.look(1, new GreyPicture(8, 6, new byte[48]));
        assertThat(finder.found(0, 10)).isEmpty();
    }

    private static GreyPicture withTitle(GreyPicture picture) {
        var image = new java.awt.image.BufferedImage(
                picture.width(), picture.height(), java.awt.image.BufferedImage.TYPE_BYTE_GRAY);
        image.getRaster()
                .setDataElements(
                        0, 0, picture.width(), picture.height(), picture.grey().clone());
        var g = image.createGraphics();
        DrawnCounter.write(g, Typefaces.text(22), "Client: Ada Quill", 100, 125, Color.WHITE);
        g.dispose();
        byte[] grey = ((java.awt.image.DataBufferByte) image.getRaster().getDataBuffer()).getData();
        return new GreyPicture(picture.width(), picture.height(), grey);
    }
}
