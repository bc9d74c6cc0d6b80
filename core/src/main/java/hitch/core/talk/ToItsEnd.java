package hitch.core.talk;

import hitch.core.note.Draft;
import hitch.core.talk.place.Course;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** "Twenty, a crack on the top, and it goes on till twenty-three": where a thing begins and ends is told in one breath. */
final class ToItsEnd {
    private static final Pattern RUNS_TO = Pattern.compile(
            "\\b(?:runs?|running|goes|going|carries|carrying|continues?|continuing|extends?|extending|stretch(?:es|ing)|lasts?|lasting)"
                    + "(?: on| along| down| out| like (?:this|that)| that way)*,? (?:all the way |clear )?(?:to|until|till|through|thru|up to|out to)"
                    + "(?: about| around| like| maybe| roughly)*\\s*$");

    private final Course course;

    ToItsEnd(Course course) {
        this.course = course;
    }

    /** The draft as long as it is, where its words tell that. */
    Draft of(Draft draft, Passages.Passage passage) {
        if (!course.isTold() || !Stretched.isLong(draft)) {
            return draft;
        }
        List<Draft.Place> all = course.all(passage.start(), passage.end());
        return switch (all.size()) {
            case 1 -> upTo(course.behind(passage.end()), all.getFirst(), passage.text(), draft);
            case 2 ->
                upTo(
                        Optional.of(all.getLast()),
                        all.getFirst(),
                        passage.text()
                                .substring(0, course.lastPlaceIn(passage.start(), passage.end()) - passage.start()),
                        draft);
            default -> draft;
        };
    }

    private static Draft upTo(Optional<Draft.Place> end, Draft.Place from, String before, Draft draft) {
        Matcher runs = RUNS_TO.matcher(before.toLowerCase(Locale.ROOT));
        boolean longer = from.isPoint()
                && end.filter(Draft.Place::isPoint)
                        .filter(e -> from.from().compareTo(e.from()) < 0)
                        .isPresent();
        return longer && runs.find() && draft.start() <= runs.start()
                ? draft.at(
                        Optional.of(Draft.Place.between(from.from(), end.get().from())))
                : draft;
    }
}
