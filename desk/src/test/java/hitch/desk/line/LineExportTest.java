package hitch.desk.line;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.sketch.SectionSketch;
import hitch.core.sketch.Sketch;
import hitch.desk.Context;
import hitch.desk.OpenWindow;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.beans.property.SimpleObjectProperty;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;

/** The drawing of the line, saved. */
class LineExportTest extends OpenWindow {
    private static final double WIDTH = 900;
    private static final double HEIGHT = 320;

    private void save(Path file) throws TimeoutException {
        Context desk = new Context(
                job().work(),
                job().player(),
                window.theme(),
                new SimpleObjectProperty<>(),
                new SimpleObjectProperty<>(),
                new SimpleObjectProperty<>(),
                new SimpleObjectProperty<>());
        Sketch sketch = SectionSketch.draw(
                survey(), SectionSketch.all(survey(), WIDTH).orElseThrow(), Optional.empty(), HEIGHT);
        interact(() -> new LineExport(desk).save(file, List.of(sketch, sketch)));
        until(() -> notice().contains("drawing"));
    }

    @Test
    void asADrawingThatScales() throws Exception {
        Path file = folder.resolve("line.svg");
        save(file);
        assertThat(notice()).isEqualTo("The drawing is in " + file + ".");
        var svg = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(file.toFile())
                .getDocumentElement();
        assertThat(svg.getAttribute("viewBox")).isEqualTo("0 0 900 640");
        assertThat(svg.getTextContent()).contains("3 Larkspur Close, Wendle").contains("4 in clay");
    }

    @Test
    void asAPictureTwiceAsSharpAndOnPaperWhateverTheTheme() throws Exception {
        interact(() -> window.theme().darkProperty().set(true));
        Path file = folder.resolve("line.PNG");
        save(file);
        BufferedImage picture = ImageIO.read(file.toFile());
        assertThat(picture.getWidth()).isEqualTo(1800);
        assertThat(picture.getHeight()).isEqualTo(1280);
        assertThat(picture.getRGB(1795, 1275) & 0xff).isGreaterThan(0xe0);
    }

    @Test
    void whatCannotBeWrittenIsTold() throws TimeoutException {
        Path file = folder.resolve("nowhere").resolve("line.svg");
        save(file);
        assertThat(notice()).contains("there is no folder " + file.getParent());
        assertThat(Files.exists(file)).isFalse();
    }
}
