package hitch.desk.measure;

import hitch.core.finding.ClockPosition;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.PictureSize;
import hitch.core.finding.Traits;
import hitch.core.footage.Adjustment;
import hitch.core.footage.FrameRef;
import hitch.core.gauge.SizeSort;
import hitch.core.gauge.Sized;
import hitch.core.job.Edit;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.survey.PipeHere;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Gives a size that was read off a frame to a finding. */
final class SizeTaker {
    private final Context desk;

    SizeTaker(Context desk) {
        this.desk = desk;
    }

    /** The finding that a size is most likely of: the chosen one where it lies here, else the nearest of its kind. */
    Optional<LocatedFinding> meant(SizeSort sort, FrameRef frame) {
        Survey survey = desk.work().now().survey();
        List<LocatedFinding> here = survey.noted().stream()
                .filter(f ->
                        f.finding().kind().measuredBy().filter(sort::equals).isPresent())
                .filter(f -> away(survey, f, frame)
                        .filter(d -> d.compareTo(PipeHere.NEAR) <= 0)
                        .isPresent())
                .toList();
        return desk.selectedFinding()
                .filter(here::contains)
                .or(() -> here.stream()
                        .min(Comparator.comparing(f -> away(survey, f, frame).orElseThrow())));
    }

    private static Optional<Distance> away(Survey survey, LocatedFinding found, FrameRef frame) {
        if (found.finding().frame().equals(frame)) {
            return Optional.of(Distance.ZERO);
        }
        Optional<Station> at = survey.stationAt(frame);
        return found.extent()
                .flatMap(e -> at.map(s -> e.covers(s)
                        ? Distance.ZERO
                        : e.from().to(s).compareTo(e.to().to(s)) < 0 ? e.from().to(s) : e.to().to(s)));
    }

    /** Gives it to a finding that was noted. */
    void give(Sized size, FrameRef frame, Adjustment upright, LocatedFinding to) {
        PictureSize measured = measured(size, frame, upright);
        Finding before = to.finding();
        desk.selected().set(before.id());
        desk.work().apply(new Edit.MeasureFinding(before.id(), measured));
        Optional<PictureSize> told = before.measured(measured).told();
        desk.work()
                .notices()
                .say(told.filter(t -> !t.equals(measured))
                        .map(t -> "Kept with " + before.id() + ". An earlier frame measured it more surely, so "
                                + t.shown() + " " + t.offBy() + " stays told.")
                        .orElse(before.id() + " is told as " + measured.shown() + ", " + measured.how() + "."));
    }

    /** Makes a finding of it at its frame. */
    void make(Sized size, FrameRef frame, Adjustment upright, FindingKind kind) {
        PictureSize measured = measured(size, frame, upright);
        desk.work().changes().addFinding(id -> {
            javafx.application.Platform.runLater(() -> desk.selected().set(id));
            return new Finding(
                            id,
                            kind,
                            frame,
                            Optional.empty(),
                            Traits.NONE,
                            kind.word(),
                            "",
                            Optional.empty(),
                            List.of())
                    .measured(measured);
        });
        desk.work().notices().say(kind.title() + " noted here as " + measured.shown() + ", " + measured.how() + ".");
    }

    private static PictureSize measured(Sized size, FrameRef frame, Adjustment upright) {
        return PictureSize.of(size, clock(size, upright), frame);
    }

    /** Where round the pipe, once the picture is set upright. */
    static Optional<ClockPosition> clock(Sized size, Adjustment upright) {
        return size.round().map(r -> {
            ClockPosition from = ClockPosition.towards(upright.upright(r.from() * 30));
            ClockPosition to = ClockPosition.towards(upright.upright(r.to() * 30));
            boolean turned = upright.mirror();
            return ClockPosition.arc(turned ? to.from() : from.from(), turned ? from.from() : to.from());
        });
    }
}
