package hitch.paper;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.exchange.FindingRow;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.PropertyFacts;
import hitch.core.judge.Cautions;
import hitch.core.parcel.Marks;
import hitch.core.parcel.Report;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.util.List;
import org.junit.jupiter.api.Test;

class ReportPageTest {
    private static final Survey SURVEY = Reckoner.survey(Sample.marked());

    private static String whole(Survey survey, Recipient recipient) {
        Disclosure may = Disclosure.of(survey, recipient);
        return ReportPage.write(may, Report.of(may), Beside.NOTHING, Marks.NONE);
    }

    /** The page's words without its fonts, which are long. */
    private static String page(Survey survey, Recipient recipient) {
        return whole(survey, recipient).replaceAll("base64,[A-Za-z0-9+/=]+", "");
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

    private static Job noted(String... notes) {
        Job job = Sample.marked();
        for (String note : notes) {
            job = Sample.note(job, Sample.DOWN, 5, note);
        }
        return job;
    }

    @Test
    void tellsWhatOfTheWallWasNotSeen() {
        assertThat(page(Reckoner.survey(noted("bottom hidden 20-26 by foam")), Recipient.BUYER))
                .contains("What was not seen")
                .contains("about 25 % of the wall was hidden on every pass, from 5 to 7 o&#39;clock, by foam");
    }

    @Test
    void tellsWhereWaterWasRunAndWhatCameOfIt() {
        String page = page(
                Reckoner.survey(noted("2 baths, kitchen", "kitchen: run 3 min, seen after 25 s")), Recipient.HOMEOWNER);
        assertThat(page)
                .contains("Where water was run")
                .contains(
                        "<tr><td>kitchen</td><td class=\"m\">3 min</td><td>its water was seen to come after 25 s</td></tr>")
                .contains("<tr><td>2 baths</td><td class=\"m\"></td><td>not tested</td></tr>");
        assertThat(page(SURVEY, Recipient.HOMEOWNER)).doesNotContain("Where water was run");
    }

    @Test
    void whatWasNoticedInTheHouseIsHeldAgainstWhatWasFoundAndKeptFromADistrict() {
        Survey survey =
                Reckoner.survey(noted("backup explained: roots 38", "none of this explains the smell in the basement"));
        assertThat(page(survey, Recipient.HOMEOWNER))
                .contains("What was noticed in the house")
                .contains("Explained by what was found: roots.")
                .contains("Not explained yet by what was found.");
        assertThat(page(survey, Recipient.DISTRICT))
                .doesNotContain("What was noticed in the house")
                .doesNotContain("basement");
    }

    @Test
    void whatIsKnownOfTheVisitIsToldToThoseWhoMaySeeIt() {
        PropertyFacts facts = Sample.marked().facts();
        Details known = Details.of(Detail.BUILT, 1958).with(Detail.OPERATOR, "E. Farrow");
        Survey survey = Reckoner.survey(Sample.marked().with(new Edit.DescribeProperty(facts.withMore(known))));
        assertThat(page(survey, Recipient.HOMEOWNER))
                .contains("<dt>" + Detail.BUILT.title() + "</dt><dd>1958</dd>")
                .contains("E. Farrow");
        assertThat(page(survey, Recipient.DISTRICT)).doesNotContain("E. Farrow");
    }

    @Test
    void fetchesNothingFromElsewhere() {
        assertThat(whole(SURVEY, Recipient.BUYER)).doesNotContain("http://").doesNotContain("https://");
    }

    @Test
    void anEmptyJobMakesAPage() {
        assertThat(page(Reckoner.survey(Job.EMPTY), Recipient.BUYER)).contains("Unnamed property");
    }
}
