package hitch.media.film;

import hitch.core.disclosure.Disclosure;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Drawn;
import hitch.core.footage.FrameRef;
import hitch.core.job.View;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.pipe.Pipe;
import hitch.core.pipe.PipeSize;
import hitch.core.pipe.PipeSpan;
import hitch.core.story.Cutting;
import hitch.core.story.FindingShot;
import hitch.core.story.ShownFrames;
import hitch.media.MediaException;
import hitch.media.clip.Picture;
import hitch.media.draw.MarkPen;
import java.util.List;
import java.util.Optional;

/** A finding: the camera comes up to it, the picture is held, a frame on the wall points to it, it is seen closer, the camera goes on. */
final class FindingScene implements Scene {
    private static final double CLOSER = 1.75;
    /** Seconds that going closer takes, and that it stays there before the end of the hold. */
    private static final double GOING = 1.2;

    private static final double POINTED = 2.2;
    private static final double FADE = 0.3;
    private static final Distance USUAL_BORE = Distance.inches(4);
    /** Beyond that the frame on the wall would be a speck. */
    private static final double FARTHEST = 9;

    private final FindingShot shot;
    private final Cutting.Placed placed;
    private final ShownFrames frames;
    private final FilmFootage footage;
    private final Disclosure may;
    private final Slip slip;
    private final Optional<LocatedFinding> found;
    private final List<Drawn> marks;

    FindingScene(FindingShot shot, Cutting.Placed placed, ShownFrames frames, FilmFootage footage, Disclosure may) {
        this.shot = shot;
        this.placed = placed;
        this.frames = frames;
        this.footage = footage;
        this.may = may;
        this.slip = new Slip(may);
        this.found = may.finding(shot.finding());
        this.marks = found.map(f -> f.finding().marksOn(shot.frame())).orElse(List.of());
    }

    /** What is on the sheet. */
    private record Look(int frame, boolean held, long zoom, long pointer) {}

    @Override
    public Object look(double seconds) {
        return new Look(
                frames.at(seconds),
                frames.isHeld(seconds),
                Math.round(zoom(seconds) * 2000),
                Math.round(pointing(seconds) * 20));
    }

    private double zoom(double seconds) {
        double hold = placed.holdEnd() - placed.holdStart();
        if (!shot.closer() && shot.view().isEmpty() || hold < POINTED + GOING + 1 || !frames.isHeld(seconds)) {
            return 1;
        }
        double from = placed.holdStart() + Math.max(POINTED, hold * 0.5);
        double back = placed.holdEnd() - 0.6;
        double most = shot.view().map(View::zoom).orElse(CLOSER);
        return 1 + (most - 1) * (Eased.at(seconds, from, from + GOING) - Eased.at(seconds, back, placed.holdEnd()));
    }

    private double pointing(double seconds) {
        boolean moved = zoom(seconds) > 1.001;
        double from = placed.holdStart() - Math.min(1.2, placed.holdStart() - placed.start());
        return shot.pointer().isEmpty() && marks.isEmpty() || moved || seconds >= placed.holdEnd()
                ? 0
                : Eased.at(seconds, from, from + FADE);
    }

    @Override
    public void draw(double seconds, Sheet sheet) throws MediaException {
        int number = frames.at(seconds);
        Picture picture = footage.at(shot.frame().clip(), number);
        sheet.ground(
                this,
                pen -> slip.finding(
                        pen, found, shot.caption(), shot.knots(), shot.frame().clip()));
        double zoom = zoom(seconds);
        double[] target = shot.view()
                .map(v -> new double[] {v.x(), v.y()})
                .or(() -> shot.pointer().map(Pointer::target))
                .orElse(new double[] {0.5, 0.5});
        Sheet.Box box = zoom > 1.001
                ? sheet.lay(picture, Slip.WELL, zoom, target[0], target[1])
                : sheet.lay(picture, Slip.WELL);
        FrameRef camera = new FrameRef(shot.frame().clip(), frames.frames().pts(number));
        boolean held = frames.isHeld(seconds);
        double ahead = ahead(camera);
        sheet.over(pen -> {
            boolean pointing = pointing(seconds) > 0.5;
            if (pointing && held && !marks.isEmpty()) {
                new MarkPen(pen, box.x(), box.y(), box.width(), box.height(), may.adjustmentAt(shot.frame()))
                        .draw(marks);
            } else if (pointing && shot.pointer().isPresent() && ahead < FARTHEST) {
                Pointer.draw(pen, shot.pointer().orElseThrow(), box, ahead);
            }
            if (!held && may.moves(camera)) {
                found.ifPresent(f -> slip.camera(pen, camera, f));
            }
        });
    }

    /** How much farther off the finding is than in the held frame, in halves of the bore; negative where it is nearer. */
    private double ahead(FrameRef camera) {
        Optional<Station> now = may.stationAt(camera);
        Optional<Station> held = may.stationAt(shot.frame());
        if (now.isEmpty() || held.isEmpty()) {
            return 0;
        }
        Distance bore = may.spans().stream()
                .filter(s -> s.extent().covers(held.get()))
                .map(PipeSpan::pipe)
                .flatMap((Pipe p) -> p.size().stream())
                .map(PipeSize::bore)
                .findFirst()
                .orElse(USUAL_BORE);
        // The lens looks the way that the run went out, also while it is drawn back.
        int looks = found.flatMap(LocatedFinding::run)
                .map(r -> r.direction().sign())
                .orElse(1);
        return looks * (held.get().mm() - now.get().mm()) / (bore.mm() / 2.0);
    }
}
