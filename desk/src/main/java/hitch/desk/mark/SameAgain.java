package hitch.desk.mark;

import hitch.core.counter.Heading;
import hitch.core.finding.Finding;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Station;
import hitch.core.survey.ClipPass;
import hitch.core.survey.Rhythm;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.application.Platform;

/** Notes the chosen finding again elsewhere: at the shown frame, or at every joint between it and there. */
final class SameAgain {
    private final Context desk;
    private final JointBook joints;

    SameAgain(Context desk, JointBook joints) {
        this.desk = desk;
        this.joints = joints;
    }

    void here() {
        desk.selectedFinding()
                .ifPresent(f -> desk.player()
                        .shown()
                        .ifPresent(s -> desk.work().changes().addFinding(id -> {
                            Platform.runLater(() -> desk.selected().set(id));
                            return f.finding().sameAt(id, s.ref());
                        })));
    }

    void atJoints() {
        Survey survey = desk.work().now().survey();
        Optional<LocatedFinding> chosen = desk.selectedFinding();
        Optional<FrameRef> shown = desk.player().shown().map(f -> f.ref());
        Optional<Station> place = shown.flatMap(survey::stationAt);
        if (chosen.isEmpty() || chosen.get().extent().isEmpty() || place.isEmpty()) {
            desk.work().notices().say("Choose a finding with a place, and go to the last joint that has the same.");
            return;
        }
        Rhythm rhythm = joints.rhythmsProperty().get().getOrDefault(shown.get().clip(), Rhythm.NONE);
        List<FrameRef> frames = rhythm.onFrom(chosen.get().extent().get(), place.get()).stream()
                .flatMap(j -> best(survey, shown.get(), j).stream())
                .toList();
        if (frames.isEmpty()) {
            desk.work()
                    .notices()
                    .say(
                            rhythm.joints().isEmpty()
                                    ? "This clip's joints are not looked for yet (R)."
                                    : "No joint lies between "
                                            + chosen.get().finding().id() + " and this frame.");
            return;
        }
        Finding same = chosen.get().finding();
        String count = frames.size() == 1 ? "1 joint" : frames.size() + " joints";
        List<Function<Job, Edit>> make = new ArrayList<>();
        frames.forEach(f -> make.add(job -> new Edit.AddFinding(same.sameAt(job.nextId(), f))));
        desk.work().changes().several("note the same at " + count, make);
        desk.work().notices().say(same.kind().title() + " noted the same at " + count + ". Look at each.");
    }

    /** The frame of the shown clip that shows a joint best, the way the camera was going first. */
    private static Optional<FrameRef> best(Survey survey, FrameRef shown, Station joint) {
        return Stream.of(Heading.OUT, Heading.BACK)
                .flatMap(h -> new ClipPass(shown.clip(), h).at(survey, joint).stream())
                .findFirst();
    }
}
