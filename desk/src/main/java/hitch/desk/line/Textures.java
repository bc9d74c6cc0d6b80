package hitch.desk.line;

import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Lining;
import hitch.core.pipe.Material;
import hitch.core.pipe.Pipe;
import hitch.core.pipe.PipeSpan;
import hitch.core.pipe.Wall;
import hitch.desk.Tones;
import hitch.desk.widget.PipePaint;
import java.util.HashMap;
import java.util.Map;
import javafx.scene.SnapshotParameters;
import javafx.scene.canvas.Canvas;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.paint.ImagePattern;
import javafx.scene.paint.Paint;

/** A piece of each wall, painted once and laid over any length of pipe. */
final class Textures {
    private static final double WIDTH = 280;
    private static final double HEIGHT = 96;

    private final Map<Piece, Image> pieces = new HashMap<>();

    private record Piece(Wall wall, Tones tones) {}

    Paint of(PipeSpan span, Tones tones) {
        return span.pipe()
                .wall()
                .<Paint>map(w -> new ImagePattern(
                        pieces.computeIfAbsent(new Piece(w, tones), Textures::paint), 0, 0, WIDTH, HEIGHT, false))
                .orElse(tones.edge());
    }

    private static Image paint(Piece piece) {
        Canvas canvas = new Canvas(WIDTH, HEIGHT);
        Pipe pipe = switch (piece.wall()) {
            case Material m -> Pipe.of(m);
            case Lining l -> Pipe.of(l);
        };
        Extent anywhere = new Extent(new Station(0), new Station(piece.wall().colour()));
        PipePaint.wall(
                canvas.getGraphicsContext2D(), new PipeSpan(anywhere, pipe), piece.tones(), 0, 0, WIDTH, HEIGHT, true);
        SnapshotParameters clear = new SnapshotParameters();
        clear.setFill(Color.TRANSPARENT);
        return canvas.snapshot(clear, null);
    }
}
