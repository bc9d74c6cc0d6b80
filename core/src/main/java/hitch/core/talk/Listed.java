package hitch.core.talk;

import hitch.core.note.Draft;
import hitch.core.talk.place.Course;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** "Thirty, thirty-two, thirty-four, all roots": what is told of several places at once is at each. */
final class Listed {
    private static final Pattern EACH = Pattern.compile(
            "(?i)\\b(?:all|both|each|every one)\\b(?! (?:the way|along|over|around|right|good|clear|the same|sides|walls|that|those|this))");

    private Listed() {}

    /** What was said, at each of the places that it is told of. */
    static List<Draft> atEach(List<Draft> said, Passages.Passage passage, Course course) {
        Matcher each = EACH.matcher(passage.text());
        List<Draft.Place> places = each.find() ? course.listedUpTo(passage.start() + each.start()) : List.of();
        if (places.size() < 2) {
            return said;
        }
        return said.stream()
                .flatMap(d -> Stating.isFound(d) ? places.stream().map(p -> d.at(Optional.of(p))) : Stream.of(d))
                .toList();
    }
}
