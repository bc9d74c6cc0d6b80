package hitch.core.exchange;

import hitch.core.disclosure.Disclosure;
import hitch.core.story.Wording;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.told.Photos.Photo;
import java.util.ArrayList;
import java.util.List;

/**
 * A photograph as it is handed on: its picture alone, upright, without where in the world it was taken.
 *
 * @param file its name within a delivery
 * @param shows what it shows, in words
 * @param place where on the line, in words; empty where it shows no place of it
 * @param stationFt that place, feet from the line's datum, one decimal; empty likewise
 * @param finding id of the finding it shows; empty where it is none
 * @param taken when, as the file says; empty where it does not say
 * @param source name of the photograph
 * @param sourceSha256 its fingerprint
 * @param hidden what of it is hidden, and at whose request, a sentence each
 */
public record PhotoRow(
        String file,
        String shows,
        String place,
        String stationFt,
        String finding,
        String taken,
        String source,
        String sourceSha256,
        List<String> hidden) {

    /** Those a recipient gets, in the order they came in. */
    public static List<PhotoRow> of(Disclosure may) {
        List<PhotoRow> rows = new ArrayList<>();
        for (Photo photo : may.photos()) {
            rows.add(row(photo, rows.size() + 1, may));
        }
        return rows;
    }

    private static PhotoRow row(Photo photo, int number, Disclosure may) {
        String place = photo.finding()
                .flatMap(may::place)
                .or(() -> photo.at().map(may::place))
                .map(PlaceWords::all)
                .orElse("");
        String shows = photo.finding().map(Wording::what).orElse(photo.room().isBlank() ? "The place" : photo.room());
        String name = may.text(photo.clip().id().value()).replaceAll("[^A-Za-z0-9-]", "_");
        return new PhotoRow(
                "photos/" + number + "-" + name + ".jpg",
                shows,
                place,
                photo.at().map(FindingRow::feet).orElse(""),
                photo.finding().map(f -> f.finding().id().value()).orElse(""),
                photo.clip().recorded(),
                photo.clip().fileName(),
                photo.clip().sha256(),
                may.keptBack().hidden(photo.clip().id()));
    }
}
