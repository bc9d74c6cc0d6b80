package hitch.core.survey;

import static hitch.core.LineJob.at;
import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.LineJob;
import hitch.core.job.Edit;
import hitch.core.line.SpanGiven;
import hitch.core.measure.Extent;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Lining;
import hitch.core.pipe.Material;
import hitch.core.pipe.PipeSize;
import hitch.core.pipe.PipeSpan;
import hitch.core.run.Direction;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** What a person says of the pipe, laid over what the changes say: 4 in clay up to 30 ft, then 4 in PVC up to 60 ft. */
class SpansGivenTest {
    private static final Extent PART = new Extent(at(10), at(20));

    private final LineJob job =
            new LineJob().run("street", Direction.WITH_FLOW, 0, 60).note("street", 30, "4 in clay to 4 in pvc");

    private SpansGivenTest say(SpanGiven given) {
        job.facts(f -> f.withSpan(given));
        return this;
    }

    private List<String> words() {
        return job.line().main().orElseThrow().spans().stream()
                .map(PipeSpan::words)
                .toList();
    }

    @Test
    void materialSizeAndLiningAreSaidOneByOne() {
        say(SpanGiven.material(Branch.LINE, PART, Optional.of(Material.CAST_IRON)));
        assertThat(words()).containsExactly("4 in clay", "4 in cast iron", "4 in clay", "4 in PVC");
        say(SpanGiven.size(Branch.LINE, PART, Optional.of(PipeSize.inches(3))));
        assertThat(words()).containsExactly("4 in clay", "3 in cast iron", "4 in clay", "4 in PVC");
        say(SpanGiven.lining(Branch.LINE, PART, Optional.of(Lining.LINER)));
        assertThat(words()).containsExactly("4 in clay", "3 in cast iron, lined", "4 in clay", "4 in PVC");
    }

    @Test
    void thatNobodyKnowsCanBeSaidAndUnsaid() {
        say(SpanGiven.material(Branch.LINE, PART, Optional.empty()));
        assertThat(words()).containsExactly("4 in clay", "4 in pipe", "4 in clay", "4 in PVC");
        say(SpanGiven.size(Branch.LINE, PART, Optional.empty()));
        assertThat(words()).containsExactly("4 in clay", "unknown pipe", "4 in clay", "4 in PVC");
        say(SpanGiven.material(Branch.LINE, PART, Optional.of(Material.CLAY)));
        assertThat(words()).containsExactly("4 in clay", "clay", "4 in clay", "4 in PVC");
    }

    @Test
    void aLiningIsTakenOut() {
        say(SpanGiven.lining(Branch.LINE, new Extent(at(0), at(30)), Optional.of(Lining.LINER)));
        assertThat(words()).containsExactly("4 in clay, lined", "4 in PVC");
        say(SpanGiven.lining(Branch.LINE, PART, Optional.empty()));
        assertThat(words()).containsExactly("4 in clay, lined", "4 in clay", "4 in clay, lined", "4 in PVC");
    }

    @Test
    void aNoteOfAStretchSaysWhatThatStretchIs() {
        job.note("street", 10, "cast iron 12 to 20").note("street", 40, "lined from 35 to 50");
        assertThat(words())
                .containsExactly("4 in clay", "4 in cast iron", "4 in clay", "4 in PVC", "4 in PVC, lined", "4 in PVC");
        say(SpanGiven.material(Branch.LINE, PART, Optional.of(Material.ABS)));
        assertThat(words()).startsWith("4 in clay", "4 in ABS", "4 in clay");
    }

    @Test
    void whatWasNotTouchedGoesOnFollowingWhatIsSeen() {
        say(SpanGiven.material(Branch.LINE, PART, Optional.of(Material.CAST_IRON)));
        job.note("street", 5, "size change 4 in to 6 in");
        assertThat(words()).contains("6 in cast iron");
    }

    @Test
    void whatWasSaidIsTakenBackAsAWhole() {
        List<String> seen = words();
        say(SpanGiven.material(Branch.LINE, PART, Optional.empty()))
                .say(SpanGiven.lining(Branch.LINE, new Extent(at(0), at(30)), Optional.of(Lining.LINER)));
        assertThat(job.job().line().isSaid(Branch.LINE, PART)).isTrue();
        assertThat(job.job().line().isSaid(Branch.LINE, new Extent(at(30), at(60))))
                .isFalse();
        assertThat(job.job().line().isSaid("kitchen", PART)).isFalse();
        job.with(new Edit.DescribeLine(job.job().line().asSeen(Branch.LINE, PART)));
        assertThat(words()).isEqualTo(seen);
    }

    /** However the pipe is cut up by what is said, it is as long as it was. */
    @Property(tries = 60)
    void lengthsAddUpToThePipe(@ForAll @IntRange(max = 60) int from, @ForAll @IntRange(max = 60) int to) {
        say(SpanGiven.material(Branch.LINE, Extent.between(at(from), at(to)), Optional.empty()));
        long all = job.line().main().orElseThrow().spans().stream()
                .mapToLong(s -> s.length().mm())
                .sum();
        assertThat(all)
                .isEqualTo(job.line().main().orElseThrow().whole().length().mm());
    }
}
