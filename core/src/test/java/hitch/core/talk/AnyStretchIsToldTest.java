package hitch.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.grammar.TradeNoteReader;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** Whatever goes on along a run, from wherever to wherever, and however its two ends are told: it is as long as that, and one. */
class AnyStretchIsToldTest {
    /** How a speaker tells the two ends of what goes on, a caption each. */
    private enum Manner {
        FROM_TO("From %2$d to %3$d feet there's %1$s."),
        BETWEEN("Between %2$d and %3$d feet we have %1$s."),
        GOES_ON("%2$d feet, %1$s, and it goes on to %3$d."),
        STARTS_AND_ENDS("%2$d feet, %1$s.", "%3$d feet, it ends."),
        RUNS("At %2$d feet there's %1$s.", "It runs all the way to %3$d.");

        private final List<String> lines;

        Manner(String... lines) {
            this.lines = List.of(lines);
        }

        List<String> said(Stretch stretch) {
            return lines.stream()
                    .map(l -> l.formatted(stretch.kind().word(), stretch.from(), stretch.to()))
                    .toList();
        }
    }

    /** Whole feet. */
    private record Stretch(FindingKind kind, int from, int to) {
        static Stretch of(Draft draft) {
            Draft.Place place = draft.place().orElseThrow();
            return new Stretch(draft.kind(), (int) Math.round(place.from().inFeet()), (int)
                    Math.round(place.to().inFeet()));
        }
    }

    @Provide
    Arbitrary<List<Stretch>> runs() {
        Arbitrary<FindingKind> kind = Arbitraries.of(
                FindingKind.STANDING_WATER, FindingKind.SCALE, FindingKind.GREASE, FindingKind.DEFORMATION);
        Arbitrary<Integer> apart = Arbitraries.integers().between(3, 8);
        Arbitrary<Integer> length = Arbitraries.integers().between(3, 12);
        return Combinators.combine(kind, apart, length)
                .as((k, a, l) -> new Stretch(k, a, l))
                .list()
                .ofMinSize(2)
                .ofMaxSize(5)
                .map(steps -> {
                    List<Stretch> run = new ArrayList<>();
                    int feet = 20;
                    for (Stretch step : steps) {
                        int from = feet + step.from();
                        feet = from + step.to();
                        run.add(new Stretch(step.kind(), from, feet));
                    }
                    return run;
                });
    }

    @Property(tries = 150)
    void isAsLongAsItIsToldToBe(@ForAll("runs") List<Stretch> run, @ForAll Manner manner) {
        List<String> lines = new ArrayList<>();
        run.forEach(s -> lines.addAll(manner.said(s)));
        assertThat(found(lines)).as("said " + manner).isEqualTo(run);
    }

    /** What is passed again on the way back, and judged in the end, is found no second time. */
    @Property(tries = 100)
    void isFoundOnceThoughItIsPassedAgainAndJudged(@ForAll("runs") List<Stretch> run) {
        List<String> lines = new ArrayList<>();
        run.forEach(s -> lines.addAll(Manner.FROM_TO.said(s)));
        lines.add("And there's the main. I'm coming back now.");
        run.reversed()
                .forEach(s -> lines.add(
                        "%d feet, the %s again.".formatted(s.from(), s.kind().word())));
        lines.add("And we're out.");
        lines.add("So overall I'd call it fair.");
        run.forEach(s -> lines.add(
                "The %s at %d feet I'd leave alone.".formatted(s.kind().word(), s.from())));
        assertThat(found(lines).stream().filter(s -> s.from() != s.to()).toList())
                .isEqualTo(run);
        assertThat(found(lines))
                .allMatch(s ->
                        run.stream().anyMatch(r -> r.kind() == s.kind() && r.from() <= s.from() && s.to() <= r.to()));
    }

    /** What goes on along the pipe, in the order in which it was told, behind 21 ft. */
    private static List<Stretch> found(List<String> lines) {
        List<Cue> cues = new ArrayList<>(List.of(
                new Cue(0, 5, "Zero at the cleanout."),
                new Cue(10, 15, "Ten feet, good joint."),
                new Cue(20, 25, "Twenty feet, still good.")));
        for (String line : lines) {
            double at = cues.size() * 15;
            cues.add(new Cue(at, at + 5, line));
        }
        return new TalkReader(new TradeNoteReader(), LengthUnit.FEET)
                .read(cues).drafts().stream()
                        .map(Spoken::draft)
                        .filter(d -> d.certainty() != Certainty.RULED_OUT
                                && d.place().isPresent()
                                && d.matter() instanceof FindingKind kind
                                && (kind.family() == FindingKind.Family.CONDITION
                                        || kind.family() == FindingKind.Family.WATER))
                        .map(Stretch::of)
                        .toList();
    }
}
