package hitch.core.exchange;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Sighting;
import hitch.core.finding.WithFlow;
import hitch.core.footage.Clip;
import hitch.core.measure.Inches;
import hitch.core.measure.Station;
import hitch.core.run.Run;
import hitch.core.story.Wording;
import hitch.core.survey.PlaceWords;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A finding as it is delivered. Stations are feet from the line's datum, with the flow positive; empty texts stand for
 * what is not known.
 *
 * @param id its name
 * @param kind plain word
 * @param stationFromFt lower station, feet, one decimal
 * @param stationToFt higher station, feet, one decimal; equal to the other for a point
 * @param place the place in words, in the job's unit
 * @param what the finding in words
 * @param clock clock position in words, as the camera looks unless a detail tells another frame
 * @param size size in inches
 * @param share share of the bore, percent
 * @param weight weight in a word
 * @param knots weight as a number, 0 to 4
 * @param because why it has that weight
 * @param run name of the run
 * @param pass out, back or still
 * @param confidence trust in the station, 0 to 1, two decimals
 * @param clip file name of its footage
 * @param timeS seconds into the clip, three decimals
 * @param pts frame time in the clip's time base
 * @param timeBase that time base as a fraction of a second
 * @param still file name of its still
 * @param wording the note as typed
 * @param branch the branch it lies on; empty for the line
 * @param doubtFt how far its sightings lie apart to either side, feet, one decimal; empty for one sighting
 * @param seen every other time it is seen, as clip and seconds
 * @param also ids it was marked under too
 * @param whose owner's or public by the house rules; empty while the boundary is not known
 * @param howSure how sure it is: seen, likely, possible, one of two, heard, told
 * @param clockWithFlow clock position in words, looking with the flow; empty where nobody knows
 * @param photos file names of the photographs that show it, with a space between
 * @param sizeHow how size or share is known: measured on the picture, with its error, or judged by eye; empty where none is told
 * @param stillDrawn file name of its still with what was drawn on it; empty where nothing was, or plain facts are told
 * @param details whatever else was said, each text by the key of its detail
 */
public record FindingRow(
        String id,
        String kind,
        String stationFromFt,
        String stationToFt,
        String place,
        String what,
        String clock,
        String size,
        String share,
        String weight,
        int knots,
        String because,
        String run,
        String pass,
        String confidence,
        String clip,
        String timeS,
        long pts,
        String timeBase,
        String still,
        String wording,
        String branch,
        String doubtFt,
        String seen,
        String also,
        String whose,
        String howSure,
        String clockWithFlow,
        String photos,
        String sizeHow,
        String stillDrawn,
        Map<String, String> details) {

    /** The other side that {@code clock} is on looking with the flow; empty where it is the same. */
    public String otherSide() {
        return clockWithFlow.equals(clock) ? "" : clockWithFlow;
    }

    /** The rows a recipient gets, in the story's order. */
    public static List<FindingRow> of(Disclosure may) {
        List<PhotoRow> photos = PhotoRow.of(may);
        return may.findings().stream().map(f -> of(f, may, photos)).toList();
    }

    private static FindingRow of(LocatedFinding found, Disclosure may, List<PhotoRow> photos) {
        Optional<Clip> clip = may.clip(found.finding().frame().clip());
        long pts = found.finding().frame().pts();
        return new FindingRow(
                found.finding().id().value(),
                found.finding().kind().word(),
                found.extent().map(e -> feet(e.from())).orElse(""),
                found.extent().map(e -> feet(e.to())).orElse(""),
                may.place(found).map(PlaceWords::all).orElse(Wording.NO_STATION),
                Wording.what(found),
                found.finding().traits().clock().map(c -> c.words()).orElse(""),
                found.finding().traits().size().map(Inches::show).orElse(""),
                found.finding().traits().share().map(String::valueOf).orElse(""),
                found.weight().word(),
                found.weight().knots(),
                found.because(),
                found.run().map(Run::name).orElse(""),
                found.heading().word(),
                String.format(Locale.ROOT, "%.2f", found.confidence()),
                clip.map(Clip::fileName)
                        .orElse(may.text(found.finding().frame().clip().value())),
                clip.map(c -> String.format(Locale.ROOT, "%.3f", c.secondsInto(pts)))
                        .orElse(""),
                pts,
                clip.map(c -> c.base().num() + "/" + c.base().den()).orElse(""),
                stillName(found),
                found.finding().wording(),
                found.branch().strip(),
                found.finding().sightings().isEmpty()
                        ? ""
                        : feet(new Station(found.doubt().mm())),
                found.finding().sightings().stream().map(s -> seen(s, may)).collect(Collectors.joining("; ")),
                found.also().stream().map(FindingId::value).collect(Collectors.joining(" ")),
                may.whose(found),
                found.finding().certainty().word(),
                WithFlow.clock(found).map(ClockPosition::words).orElse(""),
                photos.stream()
                        .filter(p -> p.finding().equals(found.finding().id().value()))
                        .map(PhotoRow::file)
                        .collect(Collectors.joining(" ")),
                found.finding().sizeHow(),
                drawnName(found, may),
                found.finding().traits().details().texts());
    }

    private static String seen(Sighting sighting, Disclosure may) {
        return may.clip(sighting.frame().clip())
                .map(c -> String.format(
                        Locale.ROOT,
                        "%s %.3f",
                        c.fileName(),
                        c.secondsInto(sighting.frame().pts())))
                .orElse(may.text(sighting.frame().clip().value()));
    }

    /** File name of a finding's still within a delivery. */
    public static String stillName(LocatedFinding found) {
        String id = found.finding().id().value().replaceAll("[^A-Za-z0-9-]", "_");
        return "stills/" + id + "-" + found.finding().kind().word().replace(' ', '-') + ".png";
    }

    /** File name of the still with what was drawn on it, within a delivery; empty where there is none. */
    public static String drawnName(LocatedFinding found, Disclosure may) {
        boolean plain = may.recipient().tone() == Recipient.Tone.RECORD;
        return plain || found.finding().marksOn(found.finding().frame()).isEmpty()
                ? ""
                : stillName(found).replaceAll("\\.png$", "-drawn.png");
    }

    static String feet(Station station) {
        String text = String.format(Locale.ROOT, "%.1f", station.mm() / 304.8);
        return text.equals("-0.0") ? "0.0" : text;
    }
}
