package hitch.core.exchange;

import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import hitch.core.finding.Traits;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.talk.Spoken;
import hitch.core.talk.Whereabouts;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * What was said, one row a draft. Stations are feet of cable from the opening: as said, else where the camera was then.
 * The share of the bore runs from 0 to 1; the size of a locate is its depth.
 */
public final class NotesCsv {
    private static final String[] HEAD = {
        "time_s",
        "kind",
        "station_from",
        "station_to",
        "clock_from",
        "clock_to",
        "size",
        "share_of_bore",
        "certainty",
        "text"
    };

    private NotesCsv() {}

    /** @param timed whether the drafts have a time worth writing */
    public static void write(List<Spoken> drafts, Whereabouts where, boolean timed, Appendable out) throws IOException {
        CSVFormat format = CSVFormat.RFC4180.builder().setHeader(HEAD).get();
        CSVPrinter printer = new CSVPrinter(out, format);
        for (Spoken spoken : drafts) {
            Draft draft = spoken.draft();
            Optional<Draft.Place> place = spoken.place(where.cableAt(spoken.seconds()));
            Optional<ClockPosition> clock = draft.traits().clock().filter(c -> !c.all());
            printer.printRecord(
                    timed ? number(spoken.seconds(), 3) : null,
                    broad(draft.matter()).word(),
                    place.map(p -> feet(p.from())).orElse(""),
                    place.map(p -> feet(p.to())).orElse(""),
                    clock.map(ClockPosition::from).map(Object::toString).orElse(""),
                    clock.map(ClockPosition::to).map(Object::toString).orElse(""),
                    size(draft.traits()),
                    draft.traits().share().map(s -> number(s / 100.0, 2)).orElse(""),
                    word(draft.certainty()),
                    FindingsCsv.defused(draft.wording()));
        }
        printer.flush();
    }

    /** The kind as a table is counted by: a blister is a deformation, a dirty lens or a tree above the line a remark. */
    private static Topic broad(Topic matter) {
        return matter instanceof FindingKind kind ? kind.broad() : matter;
    }

    private static String word(Certainty certainty) {
        return certainty.word().replace(' ', '_');
    }

    private static String size(Traits traits) {
        if (traits.depth().isPresent()) {
            return LengthUnit.FEET_INCHES.show(traits.depth().get());
        }
        if (traits.size().isPresent()) {
            return number(Math.round(traits.size().get().inInches() * 16) / 16.0, 4) + " in";
        }
        if (traits.angle().isPresent()) {
            return traits.angle().get() + " degrees";
        }
        if (!traits.before().isUnknown() || !traits.after().isUnknown()) {
            return (traits.before().words() + " to " + traits.after().words()).strip();
        }
        return "";
    }

    private static String feet(Distance distance) {
        return number(distance.inFeet(), 2);
    }

    /** At most {@code places} decimals, without trailing noughts. */
    private static String number(double value, int places) {
        String text = String.format(Locale.ROOT, "%." + places + "f", value);
        return text.replaceAll("(\\.\\d*?)0+$", "$1").replaceAll("\\.$", "");
    }
}
