package hitch.core.story.words;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.finding.Finding;
import hitch.core.job.Job;
import hitch.core.survey.Reckoner;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a finding that was noted is called when it is spoken of. */
class NamedTest {
    private static Finding noted(String note) {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 10, note);
        return Reckoner.survey(job).findings().getFirst().finding();
    }

    @ParameterizedTest
    @CsvSource({
        "roots heavy top,are,heavy roots at the top",
        "offset right,is,an offset on the right",
        "crack light,is,a light crack",
        "grease all round,is,grease all round",
        "deformation heavy,is,a heavily deformed stretch",
        "bend 45,is,a bend of 45 degrees",
        "possible crack,is,what looks like a crack",
        "likely roots,are,what are most likely roots",
        "wipes,are,wipes"
    })
    void itIsCalledAsOneWouldSayIt(String note, String are, String what) {
        Named named = Named.of(noted(note), PhraseBook.SHIPPED);
        assertThat(named.what()).isEqualTo(what);
        assertThat(named.are()).isEqualTo(are);
        assertThat(named.s()).isEqualTo(are.equals("are") ? "" : "s");
    }
}
