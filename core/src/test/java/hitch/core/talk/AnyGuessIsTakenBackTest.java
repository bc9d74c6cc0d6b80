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

/** Whatever is taken back, wherever and in whatever words, is not there; and nothing else is taken back with it. */
class AnyGuessIsTakenBackTest {
    /** How a speaker takes back what he said last. */
    private enum Manner {
        BY_NAME("No, that's not a %s."),
        SCRATCHED("Scratch that."),
        A_SHADOW("Nope, that's just a shadow."),
        TAKEN_BACK("I take that back, it's nothing."),
        NOT_AT_ALL("Not a %s, it's only a stain.");

        private final String words;

        Manner(String words) {
            this.words = words;
        }
    }

    /** A thing at whole feet, and whether it is taken back. */
    private record Thing(FindingKind kind, int feet, boolean back) {}

    @Provide
    Arbitrary<List<Thing>> runs() {
        Arbitrary<FindingKind> kind = Arbitraries.of(
                FindingKind.CRACK, FindingKind.HOLE, FindingKind.OFFSET, FindingKind.GAP, FindingKind.BREAK);
        Arbitrary<Integer> apart = Arbitraries.integers().between(3, 9);
        return Combinators.combine(kind, apart, Arbitraries.of(true, false))
                .as(Thing::new)
                .list()
                .ofMinSize(3)
                .ofMaxSize(7)
                .map(steps -> {
                    List<Thing> run = new ArrayList<>();
                    int feet = 20;
                    for (Thing step : steps) {
                        feet += step.feet();
                        run.add(new Thing(step.kind(), feet, step.back()));
                    }
                    return run;
                });
    }

    @Property(tries = 150)
    void isNotThereAndAllElseIs(@ForAll("runs") List<Thing> run, @ForAll Manner manner) {
        List<Cue> cues = new ArrayList<>(List.of(
                new Cue(0, 4, "Zero at the cleanout."),
                new Cue(5, 9, "Ten feet, good joint."),
                new Cue(10, 14, "Twenty feet, still good.")));
        for (Thing thing : run) {
            say(
                    cues,
                    "%d feet, there's a %s."
                            .formatted(thing.feet(), thing.kind().word()));
            if (thing.back()) {
                say(cues, manner.words.formatted(thing.kind().word()));
            }
        }
        Spoken.All read = new TalkReader(new TradeNoteReader(), LengthUnit.FEET).read(cues);
        assertThat(told(read, false))
                .as("there, said " + manner)
                .isEqualTo(run.stream().filter(t -> !t.back()).toList());
        assertThat(told(read, true))
                .as("ruled out, said " + manner)
                .isEqualTo(run.stream().filter(Thing::back).toList());
        assertThat(read.withdrawn()).as("kept for who asks").hasSameSizeAs(told(read, true));
    }

    private static void say(List<Cue> cues, String line) {
        double at = cues.size() * 5;
        cues.add(new Cue(at, at + 4, line));
    }

    private static List<Thing> told(Spoken.All read, boolean ruledOut) {
        return read.drafts().stream()
                .map(Spoken::draft)
                .filter(d -> d.matter() instanceof FindingKind kind && kind.family() == FindingKind.Family.CONDITION)
                .filter(d -> (d.certainty() == Certainty.RULED_OUT) == ruledOut)
                .map(AnyGuessIsTakenBackTest::thing)
                .toList();
    }

    private static Thing thing(Draft draft) {
        int feet = draft.place().map(p -> (int) Math.round(p.from().inFeet())).orElse(0);
        return new Thing(draft.kind(), feet, draft.certainty() == Certainty.RULED_OUT);
    }
}
