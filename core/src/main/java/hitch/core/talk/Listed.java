package hitch.core.talk;

import hitch.core.finding.FindingKind;
import hitch.core.finding.Traits;
import hitch.core.note.Act;
import hitch.core.note.Draft;
import hitch.core.talk.place.Course;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** "Thirty, thirty-two, thirty-four, all roots": what is told of several places at once is at each. */
final class Listed {
    private static final Pattern EACH = Pattern.compile(
            "(?i)\\b(?:all|both|each|every one|same (?:thing|again|deal))\\b(?! (?:the way|along|over|around|right|good|clear|the same|sides|walls|that|those|this|i|we|you|he|she|it|there))");

    /** "A bend at twenty-three, followed by another one at twenty-five". */
    private static final Pattern ANOTHER = Pattern.compile(
            "(?i)\\b(?:followed by|then|and|with)(?: there'?s| then)? (?:another|a second)(?: one| such)?(?: of (?:those|them))? at\\b");

    private Listed() {}

    /** What was said, at each of the places that it is told of. */
    static List<Draft> atEach(List<Draft> said, Passages.Passage passage, Course course) {
        Matcher another = ANOTHER.matcher(passage.text());
        if (another.find()) {
            List<Draft.Place> more = course.all(passage.start() + another.end(), passage.end());
            // Behind the last place stands what is told of it: "another at six to the right".
            return andAt(more, more.size() == 1 ? passage.text().length() - 1 : another.end(), said);
        }
        if (said.stream().filter(Listed::isOfAThing).count() == 1) {
            List<Draft> told = at(course.listedUpTo(passage.end()), Listed::isOfAThing, said);
            if (told.size() > said.size()) {
                return told;
            }
        }
        Matcher each = EACH.matcher(passage.text());
        return each.find() ? at(course.listedUpTo(passage.start() + each.start()), Stating::isFound, said) : said;
    }

    /** "Cut the roots at twenty-one and at thirty", "photographed at fourteen and at twenty-six". */
    private static boolean isOfAThing(Draft draft) {
        return draft.matter() == FindingKind.ADVICE || draft.matter() == Act.PHOTO;
    }

    private static List<Draft> at(List<Draft.Place> places, Predicate<Draft> each, List<Draft> said) {
        return places.size() < 2
                ? said
                : said.stream()
                        .flatMap(d -> each.test(d) ? places.stream().map(p -> d.at(Optional.of(p))) : Stream.of(d))
                        .toList();
    }

    /** The thing that was told once, and the same at what places follow. */
    private static List<Draft> andAt(List<Draft.Place> more, int where, List<Draft> said) {
        List<Draft> things = said.stream().filter(Stating::isFound).toList();
        if (things.size() != 1) {
            return said;
        }
        Draft thing = things.getFirst();
        Draft again = new Draft(
                thing.matter(),
                Optional.empty(),
                Optional.empty(),
                Traits.NONE,
                thing.certainty(),
                thing.wording(),
                "",
                where);
        return Stream.concat(
                        said.stream(),
                        more.stream()
                                .filter(p -> thing.place().filter(p::equals).isEmpty())
                                .map(p -> again.at(Optional.of(p))))
                .toList();
    }
}
