package hitch.desk.line;

import hitch.core.exchange.SketchSvg;
import hitch.core.sketch.Sketch;
import hitch.desk.Context;
import hitch.desk.Tones;
import hitch.desk.task.Rank;
import hitch.store.StoreException;
import hitch.store.out.OutFile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.print.PageLayout;
import javafx.print.PageOrientation;
import javafx.print.Paper;
import javafx.print.Printer;
import javafx.print.PrinterJob;
import javafx.scene.SnapshotParameters;
import javafx.scene.canvas.Canvas;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.VBox;
import javafx.scene.transform.Transform;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import javax.imageio.ImageIO;

/** Saves and prints the drawing as it stands, on paper whatever the theme. */
final class LineExport {
    private static final double SHARP = 2;
    private static final String PNG = ".png";

    private final Context desk;

    LineExport(Context desk) {
        this.desk = desk;
    }

    void choose(Window window, List<Sketch> sketches) {
        if (sketches.isEmpty()) {
            desk.work().notices().say("There is nothing to save yet: no run of this job has a counter.");
            return;
        }
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Save the drawing");
        chooser.setInitialFileName("line.svg");
        chooser.getExtensionFilters()
                .addAll(
                        new FileChooser.ExtensionFilter("Drawing that scales (SVG)", "*.svg"),
                        new FileChooser.ExtensionFilter("Picture (PNG)", "*.png"));
        File file = chooser.showSaveDialog(window);
        if (file != null) {
            boolean picture = chooser.getSelectedExtensionFilter() != null
                    && chooser.getSelectedExtensionFilter().getExtensions().contains("*" + PNG);
            save(picture ? withEnding(file.toPath()) : file.toPath(), sketches);
        }
    }

    /** A picture that was given the name of a drawing, or none, gets its own ending. */
    private static Path withEnding(Path file) {
        String name = file.getFileName().toString();
        return isPicture(file) ? file : file.resolveSibling(name.replaceAll("(?i)\\.svg$", "") + PNG);
    }

    private static boolean isPicture(Path file) {
        return file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(PNG);
    }

    /** Saves as SVG, or as PNG where the file's name ends so; in the background. */
    void save(Path file, List<Sketch> sketches) {
        String title = "The line of " + desk.work().now().survey().facts().title();
        Optional<BufferedImage> picture = isPicture(file) ? Optional.of(picture(sketches)) : Optional.empty();
        desk.work()
                .longWork(
                        "Drawing of the line",
                        Rank.AWAITED,
                        progress -> write(file, title, sketches, picture),
                        desk.work().notices()::say);
    }

    /** What came of it, in words. */
    private static String write(Path file, String title, List<Sketch> sketches, Optional<BufferedImage> picture) {
        try {
            if (!Files.isDirectory(file.toAbsolutePath().getParent())) {
                throw new NoSuchFileException(file.toString());
            }
            if (picture.isPresent()) {
                ByteArrayOutputStream bytes = new ByteArrayOutputStream();
                ImageIO.write(picture.get(), "png", bytes);
                OutFile.picture(file, List.of()).write(bytes.toByteArray());
            } else {
                OutFile.text(file, "svg", List.of()).write(SketchSvg.write(title, sketches));
            }
            return "The drawing is in " + file + ".";
        } catch (StoreException e) {
            return "The drawing was not saved. " + e.getMessage();
        } catch (NoSuchFileException e) {
            return "The drawing was not saved: there is no folder " + file.getParent() + ". Choose another.";
        } catch (IOException e) {
            return "The drawing was not saved to " + file + ": " + e.getMessage() + ". Choose another place.";
        }
    }

    void print(List<Sketch> sketches) {
        PrinterJob job = sketches.isEmpty() ? null : PrinterJob.createPrinterJob();
        if (job == null) {
            desk.work().notices().say("No printer answers here. Save the drawing instead, as SVG or PNG.");
            return;
        }
        if (!job.showPrintDialog(null)) {
            job.cancelJob();
            return;
        }
        Paper paper = job.getJobSettings().getPageLayout().getPaper();
        PageLayout page =
                job.getPrinter().createPageLayout(paper, PageOrientation.LANDSCAPE, Printer.MarginType.DEFAULT);
        VBox sheet = sheet(sketches);
        double scale = page.getPrintableWidth() / sketches.getFirst().width();
        sheet.getTransforms().add(Transform.scale(scale, scale));
        if (job.printPage(page, sheet) && job.endJob()) {
            desk.work().notices().say("The drawing went to the printer.");
        } else {
            desk.work().notices().say("The printer did not take the drawing. Save it instead, as SVG or PNG.");
        }
    }

    private static VBox sheet(List<Sketch> sketches) {
        VBox sheet = new VBox();
        SketchPainter painter = new SketchPainter();
        for (Sketch sketch : sketches) {
            Canvas canvas = new Canvas(sketch.width(), sketch.height());
            painter.paint(canvas.getGraphicsContext2D(), sketch, Tones.LIGHT);
            sheet.getChildren().add(canvas);
        }
        return sheet;
    }

    private static BufferedImage picture(List<Sketch> sketches) {
        SnapshotParameters sharp = new SnapshotParameters();
        sharp.setTransform(Transform.scale(SHARP, SHARP));
        WritableImage shot = sheet(sketches).snapshot(sharp, null);
        int width = (int) shot.getWidth();
        int height = (int) shot.getHeight();
        int[] pixels = new int[width * height];
        shot.getPixelReader().getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        image.setRGB(0, 0, width, height, pixels, 0, width);
        return image;
    }
}
