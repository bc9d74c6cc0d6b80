package hitch.store.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.exchange.CaptionText;
import hitch.core.exchange.FindingRow;
import hitch.core.exchange.FindingsCsv;
import hitch.core.exchange.FindingsJson;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.PropertyFacts;
import hitch.core.measure.LengthUnit;
import hitch.core.parcel.Marks;
import hitch.core.parcel.Report;
import hitch.core.run.Run;
import hitch.core.story.Cutting;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Sentences;
import hitch.core.story.SpokenForm;
import hitch.core.story.Story;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.paper.Beside;
import hitch.paper.ReportPage;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** Whatever stands in whatever field, and at whatever moment, every text of a delivery can be written and spoken. */
class AnyTextDeliversTest {
    @Provide
    Arbitrary<String> anything() {
        return Arbitraries.oneOf(
                Arbitraries.strings().ofMaxLength(60),
                Arbitraries.of(
                        "permit 20240131001.2",
                        "99999999999999999999 ft",
                        "0000.0000000000000000001",
                        "1/0 in, 7/16 in, 0/0",
                        "{{ 1 }} {% raw %} ${x}",
                        "$1 \\\\ \\E %s %d",
                        "2026-99-99",
                        "\u202e\ud83d\ude80 \ud800",
                        "--> <b> & \"quoted\"",
                        "St. Dr. No. 5. A. B. C.",
                        "\r\n\t\0"));
    }

    @Property(tries = 150)
    void anyTextInAnyFieldAtAnyFrame(
            @ForAll("anything") String one, @ForAll("anything") String two, @ForAll long moment) {
        PropertyFacts facts =
                new PropertyFacts(one, two, one, two, two, one, LengthUnit.FEET, two, List.of(one, two), false);
        Job job = Sample.job().with(new Edit.DescribeProperty(facts));
        for (Run run : job.runs()) {
            job = job.with(new Edit.PutRun(
                    run.named(two).from(run.opening().called(one).withPlace(two))));
        }
        double second = Math.floorMod(moment, 119_000) / 1000.0;
        job = Sample.note(job, Sample.DOWN, second, one);
        job = Sample.note(job, Sample.DOWN, 0, two + " roots " + one);
        job = Sample.note(job, Sample.DOWN, 60, "main connection " + two);
        Survey survey = Reckoner.survey(job);
        for (Recipient recipient : Recipient.STANDARD) {
            assertThatCode(() -> write(survey, recipient)).doesNotThrowAnyException();
        }
    }

    private static void write(Survey survey, Recipient recipient) throws Exception {
        Story story = ScriptWriter.write(Disclosure.of(survey, recipient));
        Cutting cutting = Cutting.of(story, s -> s.length() / 15.0, s -> new double[] {s.before(), s.after()});
        assertThat(CaptionText.webVtt(cutting.captions())).startsWith("WEBVTT");
        assertThat(CaptionText.subRip(cutting.captions())).isNotNull();
        story.shots().forEach(s -> Sentences.of(s.narration()).forEach(SpokenForm::of));
        FindingsCsv.write(FindingRow.of(Disclosure.of(survey, recipient)), new StringBuilder());
        FindingsJson.write(Disclosure.of(survey, recipient));
        Disclosure told = Disclosure.of(survey, recipient);
        ReportPage.write(told, Report.of(told), Beside.NOTHING, Marks.NONE);
    }
}
