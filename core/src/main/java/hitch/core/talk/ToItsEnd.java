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
            // The thing, and not the pipe.
            "(?<!\\b(?:line|pipe|run|clay|iron|cast|plastic|pvc|abs|concrete|tile|liner|cable|camera) )\\b(?:runs?|running|goes|going|carries|carrying|continues?|continuing|extends?|extending|stretch(?:es|ing)|lasts?|lasting)"
                    + "(?: on| along| down| out| like (?:this|that)| that way)*,? (?:all the way |clear )?(?:to|until|till|through|thru|up to|out to)"
                    + "(?: about| around| like| maybe| roughly)*\\s*$");

    /** What is told up to there is not found there. */
    private static final Pattern UP_TO = Pattern.compile("[,;].*\\b(?:to|until|till|through|thru)\\s*$");

    private final Course course;

    ToItsEnd(Course course) {
        this.course = course;
    }

    /** The draft as long as it is, where its words tell that. */
    Draft of(Draft draft, Passages.Passage passage) {
        if (!course.isTold() || !Stating.isFound(draft)) {
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
        String low = before.toLowerCase(Locale.ROOT);
        boolean longer = from.isPoint()
                && end.filter(Draft.Place::isPoint)
                        .filter(e -> from.from().compareTo(e.from()) < 0)
                        .isPresent();
        if (!longer || draft.start() > low.length()) {
            return draft;
        }
        Matcher runs = RUNS_TO.matcher(low);
        if (Stretched.isLong(draft) && runs.find() && draft.start() <= runs.start()) {
            return draft.at(
                    Optional.of(Draft.Place.between(from.from(), end.get().from())));
        }
        // "A hole, and after that it's clay to thirty."
        return UP_TO.matcher(low.substring(draft.start())).find() ? draft.at(Optional.of(from)) : draft;
    }
}
