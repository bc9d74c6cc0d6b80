package hitch.desk.mark;

import hitch.core.counter.CounterTrace;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.gauge.ClipRims;
import hitch.core.gauge.FrameGauge;
import hitch.core.gauge.LensView;
import hitch.core.pipe.PipeSize;
import hitch.core.run.Equipment;
import hitch.core.survey.PipeHere;
import hitch.core.survey.Rhythm;
import hitch.core.survey.RimsTell;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.play.Player;
import hitch.desk.task.Rank;
import hitch.media.clip.RimScan;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** The joints along each clip: looked for when somebody asks, kept with the clip, and reckoned by what its counter shows now. */
final class JointBook {
    private final Context desk;
    private final Map<ClipId, ClipRims> seen = new HashMap<>();
    private final ReadOnlyObjectWrapper<Map<ClipId, Rhythm>> rhythms = new ReadOnlyObjectWrapper<>(Map.of());
    private final ReadOnlyObjectWrapper<Map<ClipId, RimsTell>> told = new ReadOnlyObjectWrapper<>(Map.of());
    private List<Clip> asked = List.of();

    JointBook(Context desk) {
        this.desk = desk;
        desk.work().snapshotProperty().addListener((o, was, is) -> {
            load();
            reckon();
        });
        load();
    }

    /** What is known of each clip's joints. */
    ReadOnlyObjectProperty<Map<ClipId, Rhythm>> rhythmsProperty() {
        return rhythms.getReadOnlyProperty();
    }

    /** What each clip's rims tell of its pipe and its lens. */
    ReadOnlyObjectProperty<Map<ClipId, RimsTell>> toldProperty() {
        return told.getReadOnlyProperty();
    }

    /** What was kept of clips that came in. */
    private void load() {
        List<Clip> clips = desk.work().now().job().clips();
        if (clips.equals(asked)) {
            return;
        }
        asked = clips;
        desk.work()
                .inBackground(
                        () -> {
                            Map<ClipId, ClipRims> kept = new HashMap<>();
                            clips.forEach(
                                    c -> desk.work().footage().shelf().rims(c).ifPresent(r -> kept.put(c.id(), r)));
                            return kept;
                        },
                        kept -> {
                            seen.putAll(kept);
                            reckon();
                        });
    }

    private void reckon() {
        if (seen.isEmpty()) {
            return;
        }
        Survey survey = desk.work().now().survey();
        Map<ClipId, Rhythm> now = new HashMap<>();
        seen.forEach((id, rims) -> survey.clip(id).ifPresent(c -> now.put(id, Rhythm.of(survey, c, rims.looks()))));
        rhythms.set(now);
        Map<ClipId, ClipRims> rims = Map.copyOf(seen);
        desk.work()
                .inBackground(
                        () -> {
                            Map<ClipId, RimsTell> tells = new HashMap<>();
                            rims.forEach((id, r) ->
                                    survey.clip(id).ifPresent(c -> tells.put(id, RimsTell.of(survey, c, r))));
                            return tells;
                        },
                        told::set);
    }

    /** Looks for the joints along the shown clip. */
    void find() {
        Optional<Clip> clip = desk.player().shown().map(Player.Frame::clip);
        if (clip.isEmpty()) {
            return;
        }
        Survey survey = desk.work().now().survey();
        Optional<PipeSize> bore = desk.player().shown().flatMap(f -> PipeHere.bore(survey, f.ref()));
        CounterTrace trace = survey.traces().get(clip.get().id());
        if (trace == null) {
            desk.work().notices().say("Joints are found beside the counter; this clip's is not read yet (K).");
            return;
        }
        Equipment gear =
                PipeHere.gear(survey, new FrameRef(clip.get().id(), clip.get().firstPts()));
        // How wide it is the rims tell themselves; until then it is looked at as often as a usual pipe.
        PipeSize taken = bore.orElse(PipeSize.USUAL);
        double boreMm = taken.bore().mm();
        double degrees = gear.lens().map(Integer::doubleValue).orElse(LensView.USUAL_DEGREES);
        desk.work()
                .longWork(
                        "Joints of " + clip.get().fileName(),
                        Rank.AWAITED,
                        progress -> RimScan.read(
                                desk.work().footage().file(clip.get()),
                                desk.work().footage().clipIndex(clip.get()),
                                boreMm,
                                degrees,
                                FrameGauge.held(boreMm, gear.lensHeight(taken).mm()),
                                seconds -> cable(trace, clip.get(), seconds),
                                progress),
                        looks -> found(clip.get(), new ClipRims(degrees, looks)));
    }

    private static OptionalDouble cable(CounterTrace trace, Clip clip, double seconds) {
        return trace.cableAt(clip.ptsAt(seconds));
    }

    private void found(Clip clip, ClipRims rims) {
        desk.work().footage().shelf().keepRims(clip, rims);
        seen.put(clip.id(), rims);
        reckon();
        Survey survey = desk.work().now().survey();
        desk.work()
                .notices()
                .say(clip.fileName() + ": "
                        + rhythms.get().getOrDefault(clip.id(), Rhythm.NONE).words(survey));
    }
}
