package hitch.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.grammar.TradeNoteReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** Whatever things a run has, at whatever places and sides, and however a speaker orders his words: each is told where it is. */
class AnyRunIsToldTest {
    /** How a speaker says a thing, its side and its place, whole sentences. */
    private enum Manner {
        PLACE_FIRST("%1$s feet, %2$s%3$s."),
        PLACE_ALONE("%1$s. %2$s%3$s."),
        AT("At %1$s feet there's %2$s%3$s."),
        PLACE_LAST("There's %2$s%3$s at %1$s feet."),
        SEEN("Now I see %2$s%3$s, that's at %1$s.");

        private final String words;

        Manner(String words) {
            this.words = words;
        }
    }

    private record Told(FindingKind kind, Optional<Integer> hour, int feet) {
        String said(Manner manner) {
            String side = hour.map(h -> switch (h) {
                        case 3 -> " on the right";
                        case 6 -> " on the bottom";
                        case 9 -> " on the left";
                        default -> " on the top";
                    })
                    .orElse("");
            String thing = "a " + kind.word();
            String line = manner.words.formatted(number(feet), kind == FindingKind.ROOTS ? "roots" : thing, side);
            return line.substring(0, 1).toUpperCase(Locale.ROOT) + line.substring(1);
        }

        static Told of(Draft draft) {
            return new Told(draft.kind(), draft.traits().clock().map(ClockPosition::from), (int)
                    Math.round(draft.place().orElseThrow().from().inFeet()));
        }
    }

    private static String number(int feet) {
        String[] ones = {"one", "two", "three", "four", "five", "six", "seven", "eight", "nine"};
        String[] tens = {"twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"};
        String ten = tens[feet / 10 - 2];
        return feet % 10 == 0 ? ten : ten + "-" + ones[feet % 10 - 1];
    }

    @Provide
    Arbitrary<List<Told>> runs() {
        Arbitrary<FindingKind> kind = Arbitraries.of(
                FindingKind.ROOTS, FindingKind.CRACK, FindingKind.HOLE, FindingKind.OFFSET, FindingKind.TIE_IN);
        Arbitrary<Optional<Integer>> hour = Arbitraries.of(3, 6, 9, 12).optional(0.6);
        Arbitrary<Integer> apart = Arbitraries.integers().between(3, 9);
        return Combinators.combine(kind, hour, apart)
                .as((k, h, a) -> new Told(k, h, a))
                .list()
                .ofMinSize(3)
                .ofMaxSize(7)
                .map(steps -> {
                    List<Told> run = new ArrayList<>();
                    int feet = 20;
                    for (Told step : steps) {
                        feet += step.feet();
                        run.add(new Told(step.kind(), step.hour(), feet));
                    }
                    return run;
                });
    }

    @Property(tries = 150)
    void everyThingIsToldAtItsPlaceAndSide(@ForAll("runs") List<Told> run, @ForAll Manner manner) {
        assertThat(drafted(run, manner)).as("said " + manner).isEqualTo(run);
    }

    private static List<Told> drafted(List<Told> run, Manner manner) {
        List<Cue> cues = new ArrayList<>(List.of(
                new Cue(0, 5, "Zero at the cleanout."),
                new Cue(10, 15, "Ten feet, good joint."),
                new Cue(20, 25, "Twenty feet, still good.")));
        for (Told told : run) {
            double at = cues.size() * 15;
            cues.add(new Cue(at, at + 5, told.said(manner)));
        }
        return new TalkReader(new TradeNoteReader(), LengthUnit.FEET)
                .read(cues).drafts().stream()
                        .map(Spoken::draft)
                        .filter(d ->
                                d.matter() instanceof FindingKind && d.place().isPresent())
                        .filter(d -> d.place().get().from().compareTo(Distance.feet(21)) > 0)
                        .map(Told::of)
                        .toList();
    }
}
