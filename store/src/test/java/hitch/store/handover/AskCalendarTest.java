package hitch.store.handover;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.job.Job;
import hitch.core.survey.Reckoner;
import java.io.IOException;
import java.io.StringReader;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;

class AskCalendarTest {
    private static final Clock NOON = Clock.fixed(Instant.parse("2026-08-03T12:00:00Z"), ZoneOffset.UTC);

    private static Disclosure job(Recipient recipient) {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 9, "roots at 20");
        return Disclosure.of(Reckoner.survey(job), recipient);
    }

    @Test
    void anAskWithADateIsAWholeDay() throws Exception {
        Disclosure may = job(Recipient.HOMEOWNER);
        String text = AskCalendar.write(may, NOON).orElseThrow();
        Calendar read = new CalendarBuilder().build(new StringReader(text));
        assertThat(read.<VEvent>getComponents("VEVENT")).isNotEmpty().anySatisfy(e -> {
            assertThat(e.getSummary().getValue()).startsWith("Have the roots");
            assertThat(e.getDateTimeStart().getDate())
                    .hasToString(may.asks().getFirst().due().orElseThrow().toString());
        });
        assertThat(AskCalendar.write(may, NOON)).as("the same again").contains(text);
    }

    @Test
    void whoIsNotAdvisedGetsNone() throws IOException {
        assertThat(AskCalendar.write(job(Recipient.INSURER), NOON)).isEmpty();
        assertThat(AskCalendar.isAny(job(Recipient.DISTRICT))).isFalse();
    }
}
