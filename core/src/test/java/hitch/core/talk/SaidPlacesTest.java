package hitch.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** What is found by place is what a search of everything finds. */
class SaidPlacesTest {
    private static final double SOON_S = 60;

    @Provide
    Arbitrary<List<String>> says() {
        return Arbitraries.of(
                        "Roots at 12 feet.",
                        "Roots at 14 feet.",
                        "Roots at 40 feet.",
                        "No roots at 13 feet.",
                        "No roots here.",
                        "Offset at 12 feet.",
                        "I'll check 40 on the way back.",
                        "A crack here.")
                .list()
                .ofMaxSize(30);
    }

    private static List<Spoken> heard(List<String> says) {
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < says.size(); i++) {
            cues.add(new Cue(i * 20.0, i * 20.0 + 3, says.get(i)));
        }
        return new TalkReader(new TradeNoteReader(), LengthUnit.FEET).read(cues).drafts();
    }

    @Property(tries = 200)
    void whatIsTakenBackIsTheLastThingSaidOfItNearBy(@ForAll("says") List<String> says) {
        List<Spoken> drafts = heard(says);
        SaidPlaces places = new SaidPlaces(drafts, Whereabouts.UNKNOWN);
        for (int i = 0; i < drafts.size(); i++) {
            assertThat(places.before(i)).isEqualTo(searched(drafts, i));
        }
    }

    private static Optional<Spoken> searched(List<Spoken> drafts, int i) {
        for (int j = i - 1; j >= 0; j--) {
            Spoken earlier = drafts.get(j);
            Spoken denial = drafts.get(i);
            Optional<Distance> there = earlier.draft().place().map(p -> p.from());
            Optional<Distance> here = denial.draft().place().map(p -> p.from());
            boolean near = there.flatMap(t -> here.map(h -> t.minus(h).abs().inFeet() <= 5))
                    .orElse(denial.seconds() - earlier.seconds() < SOON_S);
            if (near
                    && earlier.draft().matter().equals(denial.draft().matter())
                    && earlier.draft().certainty() != Certainty.RULED_OUT) {
                return Optional.of(earlier);
            }
        }
        return Optional.empty();
    }

    @Property(tries = 200)
    void aPlaceWasSpokenOfAgainWhereSomethingButAPromiseWasSaidOfItLater(@ForAll("says") List<String> says) {
        List<Spoken> drafts = heard(says);
        SaidPlaces places = new SaidPlaces(drafts, Whereabouts.UNKNOWN);
        for (double feet : new double[] {12, 40, 70}) {
            for (double after : new double[] {0, 95, 400}) {
                boolean searched = drafts.stream()
                        .filter(s -> s.seconds() > after && s.draft().matter() != FindingKind.PROMISE)
                        .flatMap(s -> s.draft().place().stream())
                        .anyMatch(p -> Math.abs(p.from().inFeet() - feet) <= 3.001);
                assertThat(places.isSaidAfter(after, Distance.feet(feet), Distance.feet(3)))
                        .isEqualTo(searched);
            }
        }
    }
}
