package hitch.core.judge.work;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.decide.Who;
import hitch.core.judge.work.Work.Prove.By;
import hitch.core.rules.Method;
import java.util.List;
import org.junit.jupiter.api.Test;

class WorkTest {
    private static final List<Work> ALL = List.of(
            new Work.Watch(24),
            new Work.Clean(Method.JET, 12, 0),
            new Work.CleanAndLook(),
            new Work.OpenAccess(false),
            new Work.SpotRepair(2),
            new Work.Reline(),
            new Work.Replace(),
            new Work.ReplaceAll(),
            new Work.Descale(false),
            new Work.Descale(true),
            new Work.SetToGrade(),
            new Work.Prove(By.DYE),
            new Work.Refer(Who.CITY));

    @Test
    void everyWorkHasAKeyOfItsOwnAndATitle() {
        assertThat(ALL).extracting(Work::key).doesNotHaveDuplicates().allMatch(k -> k.matches("[a-z ]+"));
        assertThat(ALL)
                .extracting(Work::title)
                .doesNotHaveDuplicates()
                .allMatch(t -> Character.isUpperCase(t.charAt(0)));
    }

    @Test
    void onlyWhatChangesThePipeIsARepair() {
        assertThat(ALL.stream().filter(Work::isRepair).map(Work::key))
                .containsExactly("spot repair", "reline", "replace the stretch", "replace all", "set to grade");
        assertThat(ALL.stream().filter(Work::isDug).map(Work::key))
                .containsExactly("open an access", "spot repair", "replace the stretch", "replace all", "set to grade");
        assertThat(ALL.stream().filter(Work::renews)).allMatch(w -> w.isDug() && w.isRepair());
        assertThat(new Work.Refer(Who.CITY).who()).isEqualTo(Who.CITY);
    }

    @Test
    void aFoamAndACoatingArePricedBesides() {
        assertThat(new Work.Clean(Method.CUT, 6, 12).methods()).containsExactly(Method.CUT, Method.FOAM);
        assertThat(new Work.Clean(Method.CUT, 6, 12).title())
                .isEqualTo("Cut them out, every 6 months, with a root foam");
        assertThat(new Work.Descale(true).methods()).containsExactly(Method.DESCALE, Method.COAT);
        assertThat(new Work.Refer(Who.CITY).methods()).isEmpty();
    }
}
