package hitch.desk.load;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.PhotoPlace;
import hitch.core.measure.Station;
import hitch.core.story.Wording;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.Survey;
import hitch.core.survey.told.Fixtures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Something that a photograph may show, as a choice.
 *
 * @param place what is said with it; empty for nothing
 * @param words how it is called
 */
record PhotoShows(Optional<PhotoPlace> place, String words) {
    static final PhotoShows NOT_SAID = new PhotoShows(Optional.empty(), "not said yet");
    /** What is likely to be photographed from above, offered first. */
    private static final Set<FindingKind> MARKS = Set.of(
            FindingKind.LOCATE, FindingKind.OPENING, FindingKind.BOUNDARY, FindingKind.SURFACE, FindingKind.LIMIT);

    /** A place of the line; the station is typed beside it. */
    static PhotoShows place(Station at) {
        return new PhotoShows(Optional.of(new PhotoPlace.AtStation(at)), "a place of the line");
    }

    boolean isPlace() {
        return place.filter(PhotoPlace.AtStation.class::isInstance).isPresent();
    }

    /** All there is to choose, marks first, then fixtures, then what else was found. */
    static List<PhotoShows> all(Survey survey) {
        List<PhotoShows> all = new ArrayList<>(List.of(NOT_SAID, place(Station.DATUM)));
        findings(survey, true).forEach(all::add);
        Fixtures.of(survey.findings())
                .all()
                .forEach(f -> all.add(new PhotoShows(Optional.of(new PhotoPlace.OfFixture(f.room())), f.room())));
        findings(survey, false).forEach(all::add);
        return all;
    }

    private static List<PhotoShows> findings(Survey survey, boolean marks) {
        return survey.findings().stream()
                .filter(f -> MARKS.contains(f.finding().kind()) == marks
                        && f.finding().kind().isToBeSeen())
                .map(f -> new PhotoShows(
                        Optional.of(new PhotoPlace.OfFinding(f.finding().id())), words(f, survey)))
                .toList();
    }

    private static String words(LocatedFinding found, Survey survey) {
        String where = survey.line()
                .place(found, survey.facts().unit())
                .map(PlaceWords::all)
                .orElse("");
        return (found.finding().id() + "  " + Wording.what(found) + "  " + where).strip();
    }
}
