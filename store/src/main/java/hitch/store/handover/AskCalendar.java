package hitch.store.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.judge.ask.Ask;
import hitch.core.judge.remedy.Reason;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** The asks that have a date as a calendar, a whole day for each. */
final class AskCalendar {
    static final String FILE = "asks.ics";

    private AskCalendar() {}

    static boolean isAny(Disclosure may) {
        return !dated(may).isEmpty();
    }

    private static List<Ask> dated(Disclosure may) {
        return may.asks().stream().filter(a -> a.due().isPresent()).toList();
    }

    /** The calendar; empty where this recipient has no ask with a date. */
    static Optional<String> write(Disclosure may, Clock clock) throws IOException {
        List<Ask> dated = dated(may);
        if (dated.isEmpty()) {
            return Optional.empty();
        }
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Hitch//what to do//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        for (Ask ask : dated) {
            VEvent event = new VEvent(ask.due().orElseThrow(), ask.text());
            event.removeAll("DTSTAMP");
            event.add(new DtStamp(clock.instant().truncatedTo(ChronoUnit.SECONDS)));
            event.add(new Uid(uid(may, ask)));
            event.add(new Description(about(may, ask)));
            calendar.add(event);
        }
        StringWriter out = new StringWriter();
        new CalendarOutputter(false).output(calendar, out);
        return Optional.of(out.toString());
    }

    /** The same for the same ask of the same visit, so that a calendar that takes it in again changes its entry. */
    private static String uid(Disclosure may, Ask ask) {
        String about = may.title() + may.facts().inspectedOn() + ask.id();
        return UUID.nameUUIDFromBytes(about.getBytes(StandardCharsets.UTF_8)) + "@hitch";
    }

    private static String about(Disclosure may, Ask ask) {
        String why = ask.remedy()
                .map(r -> r.because().stream().map(Reason::text).collect(Collectors.joining(" ")))
                .orElse(ask.why());
        return may.title() + ". " + ask.who().word() + ". " + why;
    }
}
