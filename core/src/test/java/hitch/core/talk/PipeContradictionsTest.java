package hitch.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.talk.Contradiction.Sort;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Pipe that is said to be another one later. Each line is spoken ten seconds after the one before. */
class PipeContradictionsTest {
    private final List<Double> places = new ArrayList<>();
    private final List<Cue> cues = new ArrayList<>();

    private PipeContradictionsTest said(double feet, String words) {
        double start = cues.size() * 10.0;
        cues.add(new Cue(start, start + 4, words));
        places.add(feet);
        return this;
    }

    private List<Contradiction> in(LengthUnit unit) {
        Spoken.All all = new TalkReader(new TradeNoteReader(), unit).read(cues);
        Whereabouts where = new GoingOut(10, places.stream().mapToDouble(f -> f).toArray());
        return Contradictions.in(all, where, unit).stream()
                .filter(c -> c.sort() != Sort.COUNTER && c.sort() != Sort.BEYOND)
                .toList();
    }

    @Test
    void aChangeSaidAgainTheSameWayIsNone() {
        said(20, "Clay to PVC.").said(21, "So that was clay to PVC.");
        assertThat(in(LengthUnit.FEET)).isEmpty();
    }

    @Test
    void aChangeSeenFromTheOtherSideIsNone() {
        said(20, "Clay to PVC.").said(21, "PVC to clay.");
        assertThat(in(LengthUnit.FEET)).isEmpty();
    }

    @Test
    void aChangeSaidOfOtherPipeIsOne() {
        said(20, "Clay to PVC.").said(21, "Cast iron to PVC.");
        assertThat(in(LengthUnit.FEET))
                .singleElement()
                .satisfies(c -> assertThat(c.words())
                        .contains("cast iron")
                        .contains("clay")
                        .contains("0:00"));
    }

    @Test
    void twoChangesApartAreTwoChanges() {
        said(20, "Clay to PVC.").said(40, "PVC to cast iron.");
        assertThat(in(LengthUnit.FEET)).isEmpty();
    }

    @Test
    void aChangeThatDoesNotBeginWithThePipeBeforeItIsOne() {
        said(20, "Clay to PVC.").said(40, "Cast iron to clay.");
        assertThat(in(LengthUnit.FEET))
                .singleElement()
                .satisfies(c -> assertThat(c.words())
                        .contains("20.0 ft")
                        .contains("40.0 ft")
                        .contains("PVC")
                        .contains("cast iron"));
    }

    @Test
    void itSpeaksTheUnitOfTheJob() {
        said(20, "Clay to PVC.").said(40, "Cast iron to clay.");
        assertThat(in(LengthUnit.METRES))
                .singleElement()
                .satisfies(c -> assertThat(c.words()).contains("6.10 m").doesNotContain(" ft"));
    }

    @Test
    void aSizeThatWasNeverSaidClashesWithNone() {
        said(20, "4 inch clay to PVC.").said(21, "Clay to 6 inch PVC.");
        assertThat(in(LengthUnit.FEET)).isEmpty();
    }
}
