package hitch.media.film;

import hitch.core.disclosure.Disclosure;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.FrameRef;
import hitch.core.story.EvidenceShot;
import hitch.core.story.FootageShot;
import hitch.core.story.PassageShot;
import hitch.core.story.ShownFrames;
import hitch.media.MediaException;
import hitch.media.draw.Pen;
import java.util.Locale;
import java.util.Optional;

/** Footage that plays on: evidence as it was recorded, or a stretch of pipe gone along quickly with the station running. */
final class PlayScene implements Scene {
    private final FootageShot shot;
    private final ShownFrames frames;
    private final FilmFootage footage;
    private final Disclosure may;
    private final Slip slip;

    PlayScene(FootageShot shot, ShownFrames frames, FilmFootage footage, Disclosure may) {
        this.shot = shot;
        this.frames = frames;
        this.footage = footage;
        this.may = may;
        this.slip = new Slip(may);
    }

    @Override
    public Object look(double seconds) {
        return frames.at(seconds);
    }

    @Override
    public void draw(double seconds, Sheet sheet) throws MediaException {
        int number = frames.at(seconds);
        sheet.ground(this, this::ground);
        sheet.lay(footage.at(shot.frame().clip(), number), Slip.WELL);
        FrameRef camera = new FrameRef(shot.frame().clip(), frames.frames().pts(number));
        boolean passage = shot instanceof PassageShot;
        Optional<LocatedFinding> about = shot instanceof EvidenceShot e ? may.finding(e.finding()) : Optional.empty();
        if (passage || may.moves(camera)) {
            sheet.over(pen -> {
                about.ifPresent(f -> slip.camera(pen, camera, f));
                if (passage) {
                    slip.running(pen, camera);
                }
            });
        }
    }

    private void ground(Pen pen) {
        if (shot instanceof EvidenceShot e) {
            Optional<LocatedFinding> found = may.finding(e.finding());
            slip.finding(pen, found, e.caption(), -1, e.frame().clip());
        } else {
            slip.passage(
                    pen,
                    shot.title(),
                    String.format(Locale.ROOT, "%.1f times as fast", shot.speed()),
                    shot.frame().clip());
        }
    }
}
