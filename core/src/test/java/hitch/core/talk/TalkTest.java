package hitch.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.caption.Cue;
import hitch.core.counter.CounterTrace;
import hitch.core.counter.Zeroing;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.note.Draft;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.survey.Reckoner;
import hitch.core.talk.Contradiction.Sort;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TalkTest {
    private static Spoken.All hear(String... lines) {
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < lines.length; i++) {
            cues.add(new Cue(i * 20, i * 20 + 4, lines[i]));
        }
        return new TalkReader(new TradeNoteReader(), LengthUnit.FEET).read(cues);
    }

    private static Whereabouts counter(double... feet) {
        return new GoingOut(20, feet);
    }

    private static List<Sort> sorts(List<Contradiction> found) {
        return found.stream().map(Contradiction::sort).toList();
    }

    @Test
    void joinsCaptionsThatBelongTogether() {
        List<Cue> cues = List.of(
                new Cue(0, 2, "and there are some roots at"),
                new Cue(2, 4, "forty two feet"),
                new Cue(4, 6, "then we have an offset at fifty"),
                new Cue(6, 8, "feet"));
        Spoken.All all = new TalkReader(new TradeNoteReader(), LengthUnit.FEET).read(cues);
        assertThat(all.drafts())
                .extracting(s -> s.draft().matter().word() + "@"
                        + Math.round(s.draft().place().orElseThrow().from().inFeet()) + " " + s.seconds())
                .containsExactly("roots@42 0.0", "offset@50 4.0");
    }

    @Test
    void theEndOfAStretchClosesIt() {
        Spoken.All all =
                hear("Belly starts at thirty one feet.", "Still in the water.", "The belly ends at forty feet.");
        assertThat(all.drafts()).hasSize(1);
        assertThat(all.drafts().getFirst().draft().place())
                .contains(new Draft.Place(Distance.feet(31), Distance.feet(40)));
    }

    @Test
    void aPlaceFarFromTheCounterContradictsIt() {
        List<Contradiction> found = Contradictions.in(
                hear("Roots at seventy one feet.", "Offset at thirty feet.", "Crack at ninety feet."),
                counter(61.5, 28, 80),
                LengthUnit.FEET);
        assertThat(sorts(found)).containsExactly(Sort.COUNTER, Sort.BEYOND);
        // One ten too many, as people say it.
        assertThat(found.getFirst().likely()).contains(Distance.feet(61));
        assertThat(found.getFirst().words()).contains("71.0 ft").contains("61.5 ft");
    }

    @Test
    void lookingAheadIsNoContradiction() {
        assertThat(Contradictions.in(hear("Roots at forty feet."), counter(37, 60), LengthUnit.FEET))
                .isEmpty();
        assertThat(Contradictions.in(hear("Roots at forty feet."), counter(35, 60), LengthUnit.FEET))
                .hasSize(1);
        assertThat(Contradictions.in(hear("Roots at forty feet."), counter(41.5, 60), LengthUnit.FEET))
                .isEmpty();
    }

    @Test
    void theFarthestPointOfARunIsNoSlip() {
        assertThat(Contradictions.in(
                        hear("Roots at 20.", "Offset at 44.", "The main at 71.", "Crack at 60.", "Hole at 35."),
                        Whereabouts.UNKNOWN,
                        LengthUnit.FEET))
                .isEmpty();
        assertThat(Contradictions.in(
                        hear("Offset at 44.", "The main at 71.", "Crack at 60."), Whereabouts.UNKNOWN, LengthUnit.FEET))
                .isEmpty();
    }

    @Test
    void theFirstDistancesAfterANewZeroAreNoSlips() {
        assertThat(Contradictions.in(
                        hear("Roots at 30.", "Offset at 44.", "Crack at 3.", "Hole at 8.", "Roots at 12."),
                        Whereabouts.UNKNOWN,
                        LengthUnit.FEET))
                .isEmpty();
    }

    @Test
    void aDistanceSaidAsTheCounterShowsItAgreesAfterANewZero() {
        CounterTrace trace = CounterTrace.fit(
                Sample.MS,
                List.of(
                        Sample.reading(0, 0),
                        Sample.reading(30, 30),
                        Zeroing.byHand(30_000, Distance.feet(30)),
                        Sample.reading(60, 10)));
        OnClip where = new OnClip(Sample.clip(Sample.DOWN, 60), trace, Optional.empty(), 0);
        List<Cue> cues = List.of(new Cue(45, 49, "Roots at five feet."));
        Spoken.All said = new TalkReader(new TradeNoteReader(), LengthUnit.FEET).read(cues);
        assertThat(Contradictions.in(said, where, LengthUnit.FEET)).isEmpty();
    }

    @Test
    void contradictionsSpeakTheJobsUnit() {
        List<Contradiction> found = Contradictions.in(
                new TalkReader(new TradeNoteReader(), LengthUnit.METRES)
                        .read(List.of(new Cue(0, 4, "Roots at nine metres."))),
                counter(60),
                LengthUnit.METRES);
        assertThat(found.getFirst().words()).contains("9.00 m").contains("18.29 m");
    }

    @Test
    void withoutACounterANumberOutOfOrderShowsTheSlip() {
        List<Contradiction> back = Contradictions.in(
                hear(
                        "Joint at ninety.",
                        "Wipes at sixty six.",
                        "Roots at sixty three.",
                        "Offset at seventy one.",
                        "Crack at fifty two."),
                Whereabouts.UNKNOWN,
                LengthUnit.FEET);
        assertThat(sorts(back)).containsExactly(Sort.ORDER);
        assertThat(back.getFirst().likely()).contains(Distance.feet(61));
        assertThat(back.getFirst().words()).contains("going back");
        List<Contradiction> out = Contradictions.in(
                hear("Roots at sixty six.", "Offset at seventeen.", "Crack at seventy four."),
                Whereabouts.UNKNOWN,
                LengthUnit.FEET);
        assertThat(out.getFirst().likely()).contains(Distance.feet(70));
        assertThat(Contradictions.in(
                        hear("Roots at 20.", "Offset at 31.", "Crack at 44."), Whereabouts.UNKNOWN, LengthUnit.FEET))
                .isEmpty();
    }

    @Test
    void aPromiseIsKeptOrShown() {
        String[] kept = {
            "Roots at forty feet.", "I'll come back to that.", "Offset at sixty.", "Roots at forty one feet."
        };
        String[] broken = {"Roots at forty feet.", "I'll come back to that.", "Offset at sixty.", "Crack at twenty."};
        assertThat(sorts(Contradictions.in(hear(kept), Whereabouts.UNKNOWN, LengthUnit.FEET)))
                .doesNotContain(Sort.PROMISE);
        assertThat(sorts(Contradictions.in(hear(broken), Whereabouts.UNKNOWN, LengthUnit.FEET)))
                .contains(Sort.PROMISE);
    }

    @Test
    void whatIsTakenBackLaterIsShownAtWhatWasSaid() {
        Spoken.All all =
                hear("Crack at forty feet.", "Offset at fifty.", "That is not a crack at forty, it is a seam.");
        List<Contradiction> found = Contradictions.in(all, Whereabouts.UNKNOWN, LengthUnit.FEET);
        assertThat(sorts(found)).contains(Sort.DENIED);
        assertThat(found.getFirst().key()).isEqualTo(all.drafts().getFirst().key());
    }

    @Test
    void sizeAndMaterialSaidOtherwiseLaterAreShown() {
        List<Contradiction> found = Contradictions.in(
                hear(
                        "Clay changes to PVC at twenty feet.",
                        "Roots at forty.",
                        "At twenty one it goes from clay to ABS."),
                Whereabouts.UNKNOWN,
                LengthUnit.FEET);
        assertThat(sorts(found)).contains(Sort.PIPE);
        List<Contradiction> mirrored = Contradictions.in(
                hear("Clay to PVC at twenty feet.", "Roots at forty.", "PVC to clay at twenty feet."),
                Whereabouts.UNKNOWN,
                LengthUnit.FEET);
        assertThat(sorts(mirrored)).doesNotContain(Sort.PIPE);
        List<Contradiction> order = Contradictions.in(
                hear("Cast iron to clay at ten feet.", "PVC to ABS at thirty feet."),
                Whereabouts.UNKNOWN,
                LengthUnit.FEET);
        assertThat(order.getFirst().words()).contains("clay").contains("PVC");
    }

    @Test
    void theSameFeatureIsKnownAgain() {
        Job job = Sample.job();
        Finding roots = Sample.finding(job, Sample.DOWN, 10, "roots top at 20 ft");
        job = job.with(new Edit.AddFinding(roots));
        List<LocatedFinding> known = Reckoner.survey(job).findings();
        Draft top = new TradeNoteReader().read("roots top", LengthUnit.FEET).first();
        Draft bottom =
                new TradeNoteReader().read("roots bottom", LengthUnit.FEET).first();
        Draft offset = new TradeNoteReader().read("offset top", LengthUnit.FEET).first();
        assertThat(SameFeature.of(top, at(22), Optional.empty(), 1, known)).isPresent();
        assertThat(SameFeature.of(top, at(24), Optional.empty(), 1, known)).isEmpty();
        assertThat(SameFeature.of(top, at(24), Optional.empty(), 0.2, known))
                .as("doubt widens it")
                .isPresent();
        assertThat(SameFeature.of(bottom, at(20), Optional.empty(), 1, known)).isEmpty();
        assertThat(SameFeature.of(offset, at(20), Optional.empty(), 1, known)).isEmpty();
    }

    private static Extent at(double feet) {
        return Extent.at(new Station(Distance.feet(feet).mm()));
    }

    @Test
    void theJobKeepsWhatBecameOfEachDraft() {
        Commentary said =
                new Commentary("c", Sample.DOWN, "c.srt", List.of(new Cue(0, 2, "Roots at 20.")), 0, Map.of());
        Finding roots = Sample.finding(Sample.job(), Sample.DOWN, 10, "roots at 20 ft");
        Job job = Sample.job().with(new Edit.PutCommentary(said));
        Job kept = job.with(new Edit.KeepSpoken("c", "0-0", Optional.of(roots), Optional.empty()));
        assertThat(kept.findings()).containsExactly(roots);
        assertThat(kept.commentary("c").orElseThrow().settled())
                .containsEntry(
                        "0-0",
                        new Commentary.Settled(true, Optional.of(roots.id().value())));
        Job again = kept.with(new Edit.SightSpoken(
                "c", "1-0", roots.id(), new hitch.core.finding.Sighting(roots.frame(), "once more")));
        assertThat(again.findings().getFirst().sightings()).hasSize(1);
        assertThat(again.with(new Edit.SlideCommentary("c", -1.5))
                        .commentary("c")
                        .orElseThrow()
                        .offset())
                .isEqualTo(-1.5);
        assertThat(again.with(new Edit.RefuseSpoken("c", "2-0"))
                        .commentary("c")
                        .orElseThrow()
                        .settled())
                .containsEntry("2-0", Commentary.Settled.REFUSED);
        assertThat(again.with(new Edit.RemoveCommentary("c")).findings()).hasSize(1);
        assertThat(kept.findings().getFirst().kind()).isEqualTo(FindingKind.ROOTS);
    }
}
