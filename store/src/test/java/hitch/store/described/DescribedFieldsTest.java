package hitch.store.described;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.finding.Amendment;
import hitch.core.finding.Certainty;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Sighting;
import hitch.core.finding.Weight;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.pipe.Material;
import hitch.core.run.Direction;
import hitch.core.run.Equipment.Guide;
import hitch.core.run.Phase;
import hitch.core.run.Run;
import hitch.core.run.Zero;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What can be said of a run and of a finding, written by hand, read, and written again. */
class DescribedFieldsTest {
    private static final String ALL = """
            runs:
              - name: street run
                id: r7
                opening:
                  kind: two-way cleanout
                  place: side path
                  pipe: 4 in clay
                goes: toward the main
                starts at: 12.5 ft toward the building
                tied: yes
                counter at the opening: 3 ft
                riser: 2 ft
                head: 1 1/4 in
                guide across: 3 in
                lens: 85 degrees
                clips: [a, b]
              - name: yard run
                goes: toward the building
                zeroed at: lip
                phase: after the cleaning
                guide: guide off
                branch: yard
                clips: none
            findings:
              - id: F3
                run: street run
                footage: a 4000
                kind: offset
                at: 20 to 22 ft
                says: offset right at 20
                note: by the shed
                sure: likely
                weight: mend
                clock: 3
                size: 3/4 in
                share: 30 %
                depth: 58 in
                again:
                  - footage: b 128000
                    says: there it is again
                  - footage: b 130000
                was:
                  - kind: gap
                    says: open joint
                not the same as: [F4]
              - id: F4
                run: street run
                footage: a 9000
                kind: bend
                at: 30 ft
                says: bend
                degrees: 45
              - id: F5
                run: street run
                footage: a 12000
                kind: material change
                at: 35 ft
                says: clay to pvc
                before: 4 in clay
                of: 6 in PVC
            """;

    private static Job job(String yaml) throws DescribedException {
        Job job = Job.EMPTY;
        for (Edit edit : DescribedLine.read(yaml)) {
            job = job.with(edit);
        }
        return job;
    }

    private static Finding finding(Job job, String id) {
        return job.finding(new FindingId(id)).orElseThrow();
    }

    @Test
    void aRunIsAllThatIsSaidOfIt() throws DescribedException {
        List<Run> runs = job(ALL).runs();
        Run street = runs.getFirst();
        assertThat(street.id().value()).isEqualTo("r7");
        assertThat(street.opening().place()).isEqualTo("side path");
        assertThat(street.opening().pipe().material()).contains(Material.CLAY);
        assertThat(street.direction()).isEqualTo(Direction.WITH_FLOW);
        assertThat(street.start().mm()).isNotZero();
        assertThat(street.tied()).isTrue();
        assertThat(street.datum()).isEqualTo(Distance.feet(3));
        assertThat(street.zero()).isEqualTo(new Zero(Zero.At.BASE, Distance.feet(2)));
        assertThat(street.equipment().head()).contains(Distance.inches(1.25));
        assertThat(street.equipment().across()).contains(Distance.inches(3));
        assertThat(street.equipment().lens()).contains(85);
        assertThat(street.clips()).containsExactly(new ClipId("a"), new ClipId("b"));
        assertThat(runs.getLast().clips()).isEmpty();
        assertThat(runs.getLast().direction()).isEqualTo(Direction.AGAINST_FLOW);
        assertThat(runs.getLast().zero().at()).isEqualTo(Zero.At.LIP);
        assertThat(runs.getLast().phase()).isEqualTo(Phase.AFTER);
        assertThat(runs.getLast().equipment().guide()).isEqualTo(Guide.OFF);
        assertThat(runs.getLast().branch()).isEqualTo("yard");
    }

    @Test
    void aFindingIsAllThatIsSaidOfIt() throws DescribedException {
        Job job = job(ALL);
        Finding offset = finding(job, "F3");
        assertThat(offset.frame()).isEqualTo(new FrameRef(new ClipId("a"), 4000));
        assertThat(offset.certainty()).isEqualTo(Certainty.LIKELY);
        assertThat(offset.weightSet()).contains(Weight.MEND);
        assertThat(offset.traits().size()).contains(Distance.inches(0.75));
        assertThat(offset.traits().share()).contains(30);
        assertThat(offset.traits().depth()).contains(Distance.inches(58));
        assertThat(offset.traits().clock().orElseThrow().from()).isEqualTo(3);
        assertThat(offset.remark()).isEqualTo("by the shed");
        assertThat(offset.sightings())
                .containsExactly(
                        new Sighting(new FrameRef(new ClipId("b"), 128_000), "there it is again"),
                        new Sighting(new FrameRef(new ClipId("b"), 130_000), ""));
        assertThat(offset.history()).containsExactly(new Amendment("open joint", FindingKind.GAP));
        assertThat(offset.apart()).containsExactly(new FindingId("F4"));
        assertThat(finding(job, "F4").traits().angle()).isEqualTo(Optional.of(45));
        assertThat(finding(job, "F5").traits().before().material()).contains(Material.CLAY);
        assertThat(finding(job, "F5").traits().after().material()).contains(Material.PVC);
    }

    @Test
    void allOfItIsWrittenAndReadBackAsTheSame() throws DescribedException {
        Job job = job(ALL);
        String written = DescribedLine.write(job);
        Job again = job(written);
        assertThat(again.runs()).isEqualTo(job.runs());
        assertThat(List.copyOf(again.findings())).isEqualTo(List.copyOf(job.findings()));
        for (String field : ALL.lines()
                .map(String::strip)
                .map(l -> l.replaceFirst("^- ", ""))
                .map(l -> l.substring(0, l.indexOf(':') + 1))
                // Which run it is on is told by its footage.
                .filter(l -> !l.equals("run:"))
                .toList()) {
            assertThat(written).contains(field);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '\0',
            value = {
                "findings: [{kind: roots, footage: a}] | a clip and the time of a frame",
                "findings: [{kind: roots, footage: a soon}] | a clip and the time of a frame",
                "findings: [{kind: roots, share: lots}] | 30 %",
                "findings: [{kind: roots, size: big}] | 3/4 in",
                "findings: [{kind: bend, degrees: steep}] | 45",
                "findings: [{kind: roots, clock: noon-ish}] | 10-2",
                "findings: [{kind: roots, weight: heavy}] | mend",
                "findings: [{kind: roots, again: [{says: x}]}] | a sighting needs its footage",
                "findings: [{kind: roots, was: [{kind: gap}]}] | needs its kind and what was said",
                "findings: [{kind: roots, was: [{kind: gop, says: x}]}] | is no kind of finding",
                "runs: [{name: a, lens: 5 degrees}] | 85 degrees",
                "runs: [{name: a, lens: wide}] | 85 degrees",
                "runs: [{name: a, tied: perhaps}] | yes, no",
                "runs: [{name: a, head: large}] | 1 1/4 in",
                "runs: [{name: a, starts at: the gate}] | 12.5 ft toward the building"
            })
    void whatCannotBeIsToldWithWhatWasMeant(String yaml, String meant) {
        assertThatThrownBy(() -> DescribedLine.read(yaml))
                .isInstanceOf(DescribedException.class)
                .hasMessageStartingWith("Line 1, column")
                .hasMessageContaining(meant);
    }
}
