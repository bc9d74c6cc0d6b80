package hitch.media.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.media.MediaException;
import hitch.media.TelephonePhoto;
import hitch.media.render.Still;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PhotographTest {
    @TempDir
    Path folder;

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void standsUprightHoweverTheTelephoneWasHeld(int orientation) throws MediaException {
        Path file = TelephonePhoto.write(folder.resolve("stake.jpg"), orientation);
        ClipFacts facts = ClipIndexer.index(file);
        assertThat(facts.photo()).isTrue();
        assertThat(facts.frames().count()).isEqualTo(1);
        assertThat(facts.recorded()).isEqualTo("2026-09-14T10:31:05");
        assertThat(facts.picture().shownWidth()).isEqualTo(TelephonePhoto.WIDTH);
        assertThat(facts.picture().shownHeight()).isEqualTo(TelephonePhoto.HEIGHT);
        showsItsCorners(file, facts);
    }

    private static void showsItsCorners(Path file, ClipFacts facts) throws MediaException {
        try (FrameReader reader = new FrameReader(file, facts.index())) {
            Picture picture = reader.frame(0);
            assertThat(picture.width()).isEqualTo(TelephonePhoto.WIDTH);
            isAbout(picture, 0.25, 0.25, Color.RED);
            isAbout(picture, 0.75, 0.25, Color.GREEN);
            isAbout(picture, 0.25, 0.75, Color.BLUE);
            isAbout(picture, 0.75, 0.75, Color.WHITE);
        }
    }

    private static void isAbout(Picture picture, double x, double y, Color colour) {
        int at = (int) (y * picture.height()) * picture.width() + (int) (x * picture.width());
        Color is = new Color(picture.rgb()[at] & 0xFFFFFF);
        assertThat(Math.abs(is.getRed() - colour.getRed())
                        + Math.abs(is.getGreen() - colour.getGreen())
                        + Math.abs(is.getBlue() - colour.getBlue()))
                .as("%s at %.2f, %.2f", is, x, y)
                .isLessThan(60);
    }

    @Test
    void whatLeavesHasNothingOfWhereItWasTaken() throws MediaException, IOException {
        Path file = TelephonePhoto.write(folder.resolve("stake.jpg"), 6);
        assertThat(text(file)).contains(TelephonePhoto.PLACE);
        ClipFacts facts = ClipIndexer.index(file);
        try (FrameReader reader = new FrameReader(file, facts.index())) {
            Still.save(reader.frame(0), folder.resolve("out.png"));
            Still.savePhoto(reader.frame(0), folder.resolve("out.jpg"));
        }
        for (String out : new String[] {"out.png", "out.jpg"}) {
            assertThat(text(folder.resolve(out))).doesNotContain(TelephonePhoto.PLACE, "Exif");
            assertThat(ImageIO.read(folder.resolve(out).toFile()).getWidth()).isEqualTo(TelephonePhoto.WIDTH);
        }
    }

    private static String text(Path file) throws IOException {
        return Files.readString(file, StandardCharsets.ISO_8859_1);
    }

    @Test
    void aSecondPictureBehindTheFirstIsNone() throws MediaException, IOException {
        Path one = TelephonePhoto.write(folder.resolve("one.jpg"), 1);
        ByteArrayOutputStream both = new ByteArrayOutputStream();
        both.write(Files.readAllBytes(one));
        both.write(TelephonePhoto.jpeg(TelephonePhoto.upright().getSubimage(0, 0, 64, 48)));
        Path file = Files.write(folder.resolve("two.jpg"), both.toByteArray());
        ClipFacts facts = ClipIndexer.index(file);
        assertThat(facts.frames().count()).isEqualTo(1);
        showsItsCorners(file, facts);
    }

    @Test
    void aDrawingIsReadToo() throws MediaException, IOException {
        Path drawn = folder.resolve("map.png");
        ImageIO.write(TelephonePhoto.upright(), "png", drawn.toFile());
        showsItsCorners(drawn, ClipIndexer.index(drawn));
    }

    @Test
    void damagedTagsLeaveThePictureAsItIsStored() throws MediaException, IOException {
        Path file = TelephonePhoto.write(folder.resolve("torn.jpg"), 1);
        byte[] bytes = Files.readAllBytes(file);
        Arrays.fill(bytes, 20, 60, (byte) 0x7F);
        Files.write(file, bytes);
        ClipFacts facts = ClipIndexer.index(file);
        assertThat(facts.recorded()).isEmpty();
        showsItsCorners(file, facts);
    }

    @Test
    void aFormThatWouldShowOneTileOnlyIsRefusedWithTheWayOut() throws IOException {
        Path file = Files.write(
                folder.resolve("yard.HEIC"), "\0\0\0\30ftypheic\0\0\0\0mif1heic".getBytes(StandardCharsets.ISO_8859_1));
        assertThatThrownBy(() -> ClipIndexer.index(file))
                .isInstanceOf(MediaException.class)
                .hasMessageContaining("JPEG")
                .hasMessageContaining("Nothing was changed");
    }
}
