package hitch.core.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.job.Edit;
import hitch.core.job.Job;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** What is hidden of clips, and where it is as it goes. */
class HidingTest {
    private static final ClipId CLIP = new ClipId("down");
    private static final Patch LEFT = new Patch(1000, 2000, 2000, 3000);

    private static HiddenArea area(String key, Patch first, Patch last) {
        return new HiddenArea(key, CLIP, 100, 300, first, last, "a house number", "the owner");
    }

    private static MutedSound sound(String key) {
        return new MutedSound(key, CLIP, 100, 300, "a name", "the owner");
    }

    @Property(tries = 200)
    void anAreaGoesEvenlyAndNeverShowsAnEdgeOfWhatItHides(
            @ForAll @IntRange(max = 8000) int left,
            @ForAll @IntRange(max = 8000) int to,
            @ForAll @IntRange(min = 100, max = 300) int pts) {
        HiddenArea moving =
                area("hide:1", new Patch(left, 100, left + 1000, 900), new Patch(to, 1100, to + 2000, 2900));
        Patch at = moving.at(pts).orElseThrow();
        double share = (pts - 100) / 200.0;
        assertThat((double) at.left()).isLessThanOrEqualTo(left + share * (to - left));
        assertThat((double) at.right()).isGreaterThanOrEqualTo(left + 1000 + share * (to + 2000 - left - 1000));
        assertThat(at.right() - at.left()).isLessThanOrEqualTo(1000 + (int) (share * 1000) + 2);
    }

    @Test
    void anAreaHidesItsOwnMomentsAlone() {
        HiddenArea area = area("hide:1", LEFT, LEFT);
        assertThat(area.at(99)).isEmpty();
        assertThat(area.at(100)).contains(LEFT);
        assertThat(area.at(300)).contains(LEFT);
        assertThat(area.at(301)).isEmpty();
        assertThat(area.isWithin(0, 99)).isFalse();
        assertThat(area.isWithin(300, 400)).isTrue();
    }

    @Test
    void oneOfTheSameKeyTakesItsPlaceAndOneThatIsGivenUpIsGone() {
        Job job = Job.EMPTY.with(new Edit.HideArea(area("hide:1", LEFT, LEFT)));
        assertThat(job.hiding().nextKey()).isEqualTo("hide:2");
        job = job.with(new Edit.MuteSound(sound("hide:2")));
        Patch there = new Patch(5000, 5000, 6000, 6000);
        job = job.with(new Edit.HideArea(area("hide:1", LEFT, there)));
        assertThat(job.hiding().areasOf(CLIP)).containsExactly(area("hide:1", LEFT, there));
        assertThat(job.hiding().soundsOf(CLIP)).hasSize(1);
        assertThat(job.with(new Edit.StopHiding("hide:2")).hiding().soundsOf(CLIP))
                .isEmpty();
        assertThat(job.with(new Edit.StopHiding("hide:1")).hiding().areas()).isEmpty();
    }

    @Test
    void timesAreInOrder() {
        assertThatThrownBy(() -> new HiddenArea("hide:1", CLIP, 5, 4, LEFT, LEFT, "", ""))
                .hasMessageContaining("later");
        assertThatThrownBy(() -> new MutedSound("hide:1", CLIP, 5, 5, "", "")).hasMessageContaining("for a time");
    }
}
