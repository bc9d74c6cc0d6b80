package hitch.store.described;

import hitch.core.detail.Detail;
import hitch.core.finding.Amendment;
import hitch.core.finding.Certainty;
import hitch.core.finding.Degree;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Sighting;
import hitch.core.finding.Traits;
import hitch.core.finding.Weight;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.line.GroundMark;
import hitch.core.measure.LengthText;
import hitch.core.pipe.Pipe;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The findings, with whatever is said of them. */
final class FindingForms {
    private static final FieldForm<GroundMark> ABOVE = new FieldForm<GroundMark>("The ground above")
            .value(
                    "surface",
                    g -> g.surface().map(GroundMark.Surface::word),
                    t -> Texts.word(t, List.of(GroundMark.Surface.values()), GroundMark.Surface::word),
                    Texts.words(GroundMark.Surface.values(), GroundMark.Surface::word),
                    (g, s) -> new GroundMark(Optional.of(s), g.mark(), g.near()))
            .text("mark", GroundMark::mark, (g, t) -> new GroundMark(g.surface(), t, g.near()))
            .text("near", GroundMark::near, (g, t) -> new GroundMark(g.surface(), g.mark(), t));

    static final FieldForm<Finding> FINDING = form();

    private FindingForms() {}

    private static FieldForm<Finding> form() {
        FieldForm<Finding> form = new FieldForm<Finding>("A finding")
                .text("id", f -> f.id().value(), (f, t) -> f.withId(new FindingId(t)))
                // Which run it is on is told by its frame; DescribedLine writes and reads it.
                .any("run", f -> null, (f, v) -> f)
                .any(
                        "footage",
                        f -> RunForms.isSaid(f.frame().clip()) ? null : frame(f.frame()),
                        (f, v) -> f.withFrame(frame(v)))
                .value(
                        "kind",
                        f -> Optional.of(f.kind().word()),
                        t -> Texts.word(t, List.of(FindingKind.values()), FindingKind::word),
                        Texts.words(FindingKind.values(), FindingKind::word),
                        Finding::withKind)
                .value("at", f -> f.typed().map(Texts::extent), Texts::extent, "26.4 to 33.8 ft", Finding::typedAt)
                .text("says", Finding::wording, Finding::withWording)
                .text("note", Finding::remark, Finding::withRemark)
                .value(
                        "sure",
                        f -> f.certainty() == Certainty.SEEN
                                ? Optional.empty()
                                : Optional.of(f.certainty().word()),
                        t -> Texts.word(t, List.of(Certainty.values()), Certainty::word),
                        Texts.words(Certainty.values(), Certainty::word),
                        Finding::withCertainty)
                .value(
                        "weight",
                        f -> f.weightSet().map(Weight::word),
                        t -> Texts.word(t, List.of(Weight.values()), Weight::word),
                        Texts.words(Weight.values(), Weight::word),
                        (f, w) -> f.weighing(Optional.of(w)));
        trait(form, "clock", Traits::clock, Texts::clock, Texts::clock, "10-2", (t, c) -> t.withClock(Optional.of(c)));
        trait(
                form,
                "size",
                Traits::size,
                LengthText::write,
                LengthText::read,
                "3/4 in",
                (t, s) -> t.withSize(Optional.of(s)));
        trait(
                form,
                "share",
                Traits::share,
                s -> s + " %",
                FindingForms::percent,
                "30 %",
                (t, s) -> t.withShare(Optional.of(s)));
        trait(
                form,
                "degree",
                Traits::degree,
                Degree::word,
                t -> Texts.word(t, List.of(Degree.values()), Degree::word),
                Texts.words(Degree.values(), Degree::word),
                (t, d) -> t.withDegree(Optional.of(d)));
        trait(form, "before", t -> known(t.before()), Texts::pipe, Texts::pipe, "4 in clay", Traits::withBefore);
        trait(form, "of", t -> known(t.after()), Texts::pipe, Texts::pipe, "6 in PVC", Traits::withAfter);
        trait(
                form,
                "depth",
                Traits::depth,
                LengthText::write,
                LengthText::read,
                "58 in",
                (t, d) -> t.withDepth(Optional.of(d)));
        trait(
                form,
                "degrees",
                Traits::angle,
                String::valueOf,
                t -> t.matches("\\d{1,3}") ? Optional.of(Integer.valueOf(t)) : Optional.empty(),
                "45",
                (t, a) -> t.withAngle(Optional.of(a)));
        form.any(
                "above",
                f -> ABOVE.write(f.traits().ground()),
                (f, v) -> f.saying(f.traits().withGround(ABOVE.read(v, GroundMark.NONE))));
        JobForms.details(
                form,
                Detail.all(),
                f -> f.traits().details(),
                (f, d) -> f.saying(f.traits().withDetails(d)));
        return form.any(
                        "again",
                        f -> f.sightings().stream().map(FindingForms::sighting).toList(),
                        (f, v) -> f.withSightings(sightings(v)))
                .any("measured", f -> MarkForms.sizes(f.sizes()), (f, v) -> f.withSizes(MarkForms.sizes(v)))
                .any(
                        "drawn",
                        f -> f.drawing().map(MarkForms::drawing).orElse(null),
                        (f, v) -> f.withDrawing(Optional.of(MarkForms.drawing(v))))
                .any(
                        "was",
                        f -> f.history().stream().map(FindingForms::amendment).toList(),
                        (f, v) -> f.withHistory(amendments(v)))
                .any(
                        "not the same as",
                        f -> f.apart().stream().map(FindingId::value).sorted().toList(),
                        (f, v) -> f.withApart(
                                v.texts().stream().map(FindingId::new).collect(Collectors.toSet())));
    }

    private static <T> void trait(
            FieldForm<Finding> form,
            String key,
            Function<Traits, Optional<T>> get,
            Function<T, String> write,
            Function<String, Optional<T>> read,
            String like,
            BiFunction<Traits, T, Traits> set) {
        form.value(
                key,
                f -> get.apply(f.traits()).map(write),
                read,
                like,
                (f, value) -> f.saying(set.apply(f.traits(), value)));
    }

    private static Optional<Pipe> known(Pipe pipe) {
        return pipe.isUnknown() ? Optional.empty() : Optional.of(pipe);
    }

    private static Optional<Integer> percent(String text) {
        String number = text.replace("%", "").strip();
        return number.matches("\\d{1,3}") ? Optional.of(Integer.valueOf(number)) : Optional.empty();
    }

    static String frame(FrameRef frame) {
        return frame.clip().value() + " " + frame.pts();
    }

    static FrameRef frame(Value value) throws DescribedException {
        String text = value.text().strip();
        int space = text.lastIndexOf(' ');
        if (space < 1 || !text.substring(space + 1).matches("-?\\d{1,18}")) {
            throw value.wrong(
                    "a clip and the time of a frame in its own ticks were meant here, such as: B2-street-back 128000");
        }
        return new FrameRef(new ClipId(text.substring(0, space).strip()), Long.parseLong(text.substring(space + 1)));
    }

    private static Map<String, Object> sighting(Sighting sighting) {
        Map<String, Object> written = new LinkedHashMap<>();
        written.put("footage", frame(sighting.frame()));
        if (!sighting.wording().isEmpty()) {
            written.put("says", sighting.wording());
        }
        return written;
    }

    private static List<Sighting> sightings(Value value) throws DescribedException {
        List<Sighting> read = new ArrayList<>();
        for (Value one : value.list()) {
            Map<String, Value> parts = one.map();
            if (!parts.containsKey("footage")) {
                throw one.wrong("a sighting needs its footage");
            }
            read.add(new Sighting(
                    frame(parts.get("footage")),
                    parts.containsKey("says") ? parts.get("says").text() : ""));
        }
        return read;
    }

    private static Map<String, Object> amendment(Amendment was) {
        Map<String, Object> written = new LinkedHashMap<>();
        written.put("kind", was.kind().word());
        written.put("says", was.wording());
        return written;
    }

    private static List<Amendment> amendments(Value value) throws DescribedException {
        List<Amendment> read = new ArrayList<>();
        for (Value one : value.list()) {
            Map<String, Value> parts = one.map();
            if (!parts.containsKey("kind") || !parts.containsKey("says")) {
                throw one.wrong("what a finding was before needs its kind and what was said");
            }
            Value kind = parts.get("kind");
            String word = kind.text();
            read.add(new Amendment(
                    parts.get("says").text(),
                    Texts.word(word, List.of(FindingKind.values()), FindingKind::word)
                            .orElseThrow(() -> kind.wrong("\"" + word + "\" is no kind of finding"))));
        }
        return read;
    }
}
