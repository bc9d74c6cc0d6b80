package hitch.store.described;

import hitch.core.footage.ClipId;
import hitch.core.gauge.LensView;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthText;
import hitch.core.measure.Station;
import hitch.core.pipe.Opening;
import hitch.core.pipe.OpeningKind;
import hitch.core.pipe.Pipe;
import hitch.core.run.Direction;
import hitch.core.run.Equipment.Guide;
import hitch.core.run.Phase;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import hitch.core.run.Zero;
import java.util.List;
import java.util.Optional;

/** The runs of the camera, and the openings they went in by. */
final class RunForms {
    /** Before the id of footage that a described run stands in for. */
    private static final String SAID = "said-";

    private static final ClipId NOT_SAID = new ClipId("not said");
    /** What stands where there is none. */
    static final String NONE = "none";

    private static final FieldForm<Opening> OPENING = new FieldForm<Opening>("An opening")
            .text("kind", Opening::kind, Opening::called)
            .text("place", Opening::place, Opening::withPlace)
            .value("pipe", o -> pipe(o.pipe()), Texts::pipe, "4 in clay", Opening::withPipe)
            .value(
                    "sort",
                    o -> o.sort() == OpeningKind.of(o.kind())
                            ? Optional.empty()
                            : Optional.of(o.sort().word()),
                    t -> Texts.word(t, List.of(OpeningKind.values()), OpeningKind::word),
                    Texts.words(OpeningKind.values(), OpeningKind::word),
                    (o, s) -> o.withSort(s, o.ways()))
            .value(
                    "leads",
                    o -> o.ways() == new Opening(o.kind(), o.place(), o.pipe(), o.sort(), null).ways()
                            ? Optional.empty()
                            : Optional.of(o.ways().word()),
                    t -> Texts.word(t, List.of(Opening.Ways.values()), Opening.Ways::word),
                    Texts.words(Opening.Ways.values(), Opening.Ways::word),
                    (o, w) -> o.withSort(o.sort(), w));

    static final FieldForm<Run> RUN = new FieldForm<Run>("A run")
            .text("name", Run::name, (r, t) -> r.named(t).withId(new RunId(id(t))))
            .text(
                    "id",
                    r -> r.id().value().equals(id(r.name())) ? "" : r.id().value(),
                    (r, t) -> r.withId(new RunId(t)))
            .any("opening", r -> OPENING.write(r.opening()), (r, v) -> r.from(OPENING.read(v, Opening.UNKNOWN)))
            .value(
                    "goes",
                    r -> Optional.of(r.direction().toward()),
                    t -> Texts.word(t, List.of(Direction.values()), Direction::toward),
                    Texts.words(Direction.values(), Direction::toward),
                    Run::going)
            .value(
                    "starts at",
                    r -> Optional.of(Texts.station(r.start())),
                    Texts::station,
                    "12.5 ft toward the building",
                    Run::withStart)
            .value(
                    "tied",
                    r -> r.tied() ? Optional.of("yes") : Optional.empty(),
                    RunForms::yes,
                    "yes, no",
                    Run::withTied)
            .text("branch", Run::branch, Run::on)
            .value(
                    "counter at the opening",
                    r -> Optional.of(r.datum()).filter(d -> d.mm() != 0).map(LengthText::write),
                    LengthText::read,
                    "3 ft",
                    Run::withDatum)
            .value(
                    "zeroed at",
                    r -> r.zero().at() == Zero.At.BASE
                            ? Optional.empty()
                            : Optional.of(r.zero().at().word()),
                    t -> Texts.word(t, List.of(Zero.At.values()), Zero.At::word),
                    Texts.words(Zero.At.values(), Zero.At::word),
                    (r, at) -> r.withZero(new Zero(at, r.zero().riser())))
            .value(
                    "riser",
                    r -> Optional.of(r.zero().riser()).filter(d -> d.mm() != 0).map(LengthText::write),
                    LengthText::read,
                    "3 ft",
                    (r, d) -> r.withZero(new Zero(r.zero().at(), d)))
            .value(
                    "head",
                    r -> r.equipment().head().map(LengthText::write),
                    LengthText::read,
                    "1 1/4 in",
                    (r, d) -> r.with(r.equipment().withHead(Optional.of(d))))
            .value(
                    "guide",
                    r -> r.equipment().guide() == Guide.NOT_SAID
                            ? Optional.empty()
                            : Optional.of(r.equipment().guide().word()),
                    t -> Texts.word(t, List.of(Guide.values()), Guide::word),
                    Texts.words(Guide.values(), Guide::word),
                    (r, g) -> r.with(r.equipment().with(g)))
            .value(
                    "guide across",
                    r -> r.equipment().across().map(LengthText::write),
                    LengthText::read,
                    "3 in",
                    (r, d) -> r.with(r.equipment().withAcross(Optional.of(d))))
            .value(
                    "lens",
                    r -> r.equipment().lens().map(d -> d + " degrees"),
                    RunForms::lens,
                    "85 degrees",
                    (r, d) -> r.with(r.equipment().withLens(Optional.of(d))))
            .value(
                    "phase",
                    r -> r.phase() == Phase.NOT_SAID
                            ? Optional.empty()
                            : Optional.of(r.phase().word()),
                    t -> Texts.word(t, List.of(Phase.values()), Phase::word),
                    Texts.words(Phase.values(), Phase::word),
                    Run::in)
            .any("clips", RunForms::clips, (r, v) -> r.withClips(clips(v)));

    private RunForms() {}

    private static Optional<Integer> lens(String text) {
        return Optional.of(text.replace("degrees", "").strip())
                .filter(t -> t.matches("\\d{2,3}"))
                .map(Integer::valueOf)
                .filter(d -> d >= LensView.NARROWEST_DEGREES && d <= LensView.WIDEST_DEGREES);
    }

    /** A run of which nothing is said yet. */
    static Run blank() {
        return new Run(
                new RunId("run"),
                "run",
                Opening.UNKNOWN,
                Station.DATUM,
                Direction.WITH_FLOW,
                Distance.ZERO,
                List.of(NOT_SAID));
    }

    /** The run with footage that stands in for it, where none was named. */
    static Run withFootage(Run run) {
        return run.clips().equals(List.of(NOT_SAID)) ? run.withClips(List.of(said(run.id()))) : run;
    }

    private static Object clips(Run run) {
        return run.clips().isEmpty()
                ? NONE
                : run.clips().stream()
                        .filter(c -> !isSaid(c))
                        .map(ClipId::value)
                        .toList();
    }

    private static List<ClipId> clips(Value value) throws DescribedException {
        if (value.isText() && value.text().equals(NONE)) {
            return List.of();
        }
        return value.texts().stream().map(ClipId::new).toList();
    }

    private static Optional<Boolean> yes(String text) {
        return Texts.word(text, List.of(true, false), b -> b ? "yes" : "no");
    }

    private static Optional<String> pipe(Pipe pipe) {
        return pipe.isUnknown() ? Optional.empty() : Optional.of(Texts.pipe(pipe));
    }

    private static String id(String name) {
        return name.strip().replace(' ', '-');
    }

    /** The footage that stands for what was said of a run without any. */
    static ClipId said(RunId run) {
        return new ClipId(SAID + run.value());
    }

    static boolean isSaid(ClipId clip) {
        return clip.value().startsWith(SAID);
    }
}
