package hitch.paper;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.exchange.FindingRow;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.PropertyFacts;
import hitch.core.judge.Cautions;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.util.List;
import org.junit.jupiter.api.Test;

class ReportPageTest {
    private static final Survey SURVEY = Reckoner.survey(Sample.marked());

    /** The page's words without its fonts, which are long. */
    private static String page(Survey survey, Recipient recipient) {
        return ReportPage.write(Disclosure.of(survey, recipient), "video.mp4").replaceAll("base64,[A-Za-z0-9+/=]+", "");
    }

    @Test
    void saysEachFindingInTheSharedWords() {
        for (Recipient recipient : Recipient.STANDARD) {
            String page = page(SURVEY, recipient);
            for (FindingRow row : FindingRow.of(Disclosure.of(SURVEY, recipient))) {
                assertThat(page)
                        .contains("id=\"" + row.id() + "\"")
                        .contains(row.place())
                        .contains(row.still());
                assertThat(page).contains(row.what().replace("'", "&#39;"));
                assertThat(page).contains(row.timeS() + " s");
            }
            Cautions.ALL.forEach(c -> assertThat(page).contains(c.replace("'", "&#39;")));
        }
    }

    @Test
    void aDistrictsPageHoldsNothingPrivate() {
        String page = page(SURVEY, Recipient.DISTRICT);
        assertThat(page).doesNotContain("A. Client").doesNotContain("hose bib").doesNotContain("What to do");
        assertThat(page(SURVEY, Recipient.HOMEOWNER)).contains("A. Client").contains("What to do");
    }

    @Test
    void whatIsTypedIsData() {
        String nasty = "<script>alert('x')</script>\"&";
        Job job = Sample.note(Sample.job(), Sample.DOWN, 5, "roots " + nasty)
                .with(new Edit.DescribeProperty(new PropertyFacts(
                        nasty,
                        nasty,
                        nasty,
                        nasty,
                        nasty,
                        nasty,
                        PropertyFacts.BLANK.unit(),
                        nasty,
                        List.of(nasty),
                        false)));
        String page = page(Reckoner.survey(job), Recipient.HOMEOWNER);
        assertThat(page).doesNotContain("<script>").contains("&lt;script&gt;");
    }

    @Test
    void fetchesNothingFromElsewhere() {
        assertThat(ReportPage.write(Disclosure.of(SURVEY, Recipient.BUYER), "v.mp4"))
                .doesNotContain("http://")
                .doesNotContain("https://");
    }

    @Test
    void anEmptyJobMakesAPage() {
        assertThat(page(Reckoner.survey(Job.EMPTY), Recipient.BUYER)).contains("Unnamed property");
    }
}
