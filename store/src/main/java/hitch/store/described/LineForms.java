package hitch.store.described;

import hitch.core.line.Ground;
import hitch.core.line.LineFacts;
import hitch.core.line.ReadFrom;
import hitch.core.line.SpanGiven;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Pipe;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** What is known of the line: its branches, the ground, the boundary, stretches whose pipe was said. */
final class LineForms {
    private static final FieldForm<Branch> BRANCH = new FieldForm<Branch>("A branch")
            .text("name", Branch::name, (b, t) -> new Branch(t, b.into(), b.join(), b.tieIn()))
            .text("into", b -> b.into().orElse(""), (b, t) -> b.intoPipe(Optional.of(t)))
            .value(
                    "joins at",
                    b -> b.join().map(Texts::station),
                    Texts::station,
                    "18.2 ft",
                    (b, s) -> b.joiningAt(Optional.of(s)))
            .text("tie-in", b -> b.tieIn().orElse(""), (b, t) -> b.joiningAtTieIn(Optional.of(t)));

    private static final FieldForm<Ground.Height> HEIGHT = new FieldForm<Ground.Height>("A height")
            .value(
                    "at",
                    h -> Optional.of(Texts.station(h.at())),
                    Texts::station,
                    "44 ft",
                    (h, s) -> new Ground.Height(s, h.height()))
            .value(
                    "height",
                    h -> Optional.of(Texts.signed(h.height())),
                    Texts::signed,
                    "-1.5 ft",
                    (h, d) -> new Ground.Height(h.at(), d));

    private static final SpanGiven NOTHING =
            new SpanGiven(Branch.LINE, Extent.at(Station.DATUM), Pipe.UNKNOWN, Set.of());

    private static final FieldForm<SpanGiven> SPAN = new FieldForm<SpanGiven>("A stretch of pipe")
            .text("branch", SpanGiven::branch, (s, t) -> new SpanGiven(t, s.extent(), s.pipe(), s.denied()))
            .value(
                    "at",
                    s -> Optional.of(Texts.extent(s.extent())),
                    Texts::extent,
                    "12 to 20 ft",
                    (s, e) -> new SpanGiven(s.branch(), e, s.pipe(), s.denied()))
            .value(
                    "pipe",
                    s -> s.pipe().isUnknown() ? Optional.empty() : Optional.of(Texts.pipe(s.pipe())),
                    Texts::pipe,
                    "4 in clay",
                    (s, p) -> new SpanGiven(s.branch(), s.extent(), p, s.denied()))
            .any(
                    "nobody knows",
                    s -> s.denied().stream().sorted().map(LineForms::word).toList(),
                    (s, v) -> new SpanGiven(s.branch(), s.extent(), s.pipe(), parts(v)));

    static final FieldForm<LineFacts> LINE = new FieldForm<LineFacts>("The line")
            .any("ground", l -> ground(l.ground()), (l, v) -> l.withGround(ground(v)))
            .value(
                    "boundary",
                    l -> l.boundary().map(Texts::station),
                    Texts::station,
                    "61.5 ft",
                    (l, s) -> l.withBoundary(Optional.of(s)))
            .value(
                    "wall",
                    l -> l.wall().map(Texts::station),
                    Texts::station,
                    "20 ft toward the building",
                    (l, s) -> l.withWall(Optional.of(s)))
            .value(
                    "main",
                    l -> l.main().map(Texts::station),
                    Texts::station,
                    "88 ft",
                    (l, s) -> l.withMain(Optional.of(s)))
            .value(
                    "read from",
                    l -> l.readFrom() == ReadFrom.OPENING
                            ? Optional.empty()
                            : Optional.of(l.readFrom().word()),
                    t -> Texts.word(t, List.of(ReadFrom.values()), ReadFrom::word),
                    Texts.words(ReadFrom.values(), ReadFrom::word),
                    LineFacts::readingFrom)
            .any(
                    "branches",
                    l -> l.branches().stream().map(BRANCH::write).toList(),
                    (l, v) -> l.withBranches(branches(v)))
            .any("pipe", l -> l.spans().stream().map(SPAN::write).toList(), (l, v) -> l.withSpans(spans(v)));

    private LineForms() {}

    private static List<Branch> branches(Value value) throws DescribedException {
        List<Branch> branches = new ArrayList<>();
        for (Value one : value.list()) {
            branches.add(BRANCH.read(one, Branch.named("branch")));
        }
        return branches;
    }

    private static List<SpanGiven> spans(Value value) throws DescribedException {
        List<SpanGiven> spans = new ArrayList<>();
        for (Value one : value.list()) {
            spans.add(SPAN.read(one, NOTHING));
        }
        return spans;
    }

    private static String word(SpanGiven.Part part) {
        return part.name().toLowerCase(Locale.ROOT);
    }

    private static Set<SpanGiven.Part> parts(Value value) throws DescribedException {
        Set<SpanGiven.Part> parts = new HashSet<>();
        for (Value one : value.list()) {
            parts.add(Texts.word(one.text(), List.of(SpanGiven.Part.values()), LineForms::word)
                    .orElseThrow(() -> one.wrong("a part of a pipe was meant here: "
                            + Texts.words(SpanGiven.Part.values(), LineForms::word))));
        }
        return parts;
    }

    private static Object ground(Ground ground) {
        return switch (ground.known()) {
            case NOT_SAID -> null;
            case LEVEL -> "level";
            case SLOPE -> ground.percent() + " %";
            case HEIGHTS -> ground.heights().stream().map(HEIGHT::write).toList();
        };
    }

    private static Ground ground(Value value) throws DescribedException {
        if (!value.isText()) {
            List<Ground.Height> heights = new ArrayList<>();
            for (Value one : value.list()) {
                heights.add(HEIGHT.read(one, new Ground.Height(Station.DATUM, Distance.ZERO)));
            }
            return Ground.heights(heights);
        }
        String text = value.text().strip();
        if (text.equals("level")) {
            return Ground.LEVEL;
        }
        if (text.matches("-?\\d+(?:\\.\\d+)?(?:E-?\\d+)? ?%")) {
            return Ground.slope(Double.parseDouble(text.replace("%", "").strip()));
        }
        throw value.wrong("\"" + text
                + "\" is no ground; it is written like this: level, -1.5 %, or a list of places and heights");
    }
}
