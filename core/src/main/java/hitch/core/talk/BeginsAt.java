package hitch.core.talk;

import hitch.core.measure.Distance;
import hitch.core.note.Draft;
import hitch.core.talk.place.Course;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** "There is a crack, about two feet of it. It starts at fourteen": the place of a thing that was told behind it. */
final class BeginsAt {
    private static final double SOON_S = 15;

    private static final Pattern BEGINS = Pattern.compile(
            "(?:^|[.,] )[\\s,.]*(?:and |so )?(?:(?:it|that|this) (?:starts|begins)|(?:starting|beginning)|the counter (?:reads|says|shows))\\b");
    /** "It is most pronounced here." */
    private static final Pattern HERE = Pattern.compile("\\bhere\\b");

    /** "And here's roots." "Thirty-six, fine hair." */
    private static final Pattern ANNOUNCED =
            Pattern.compile("\\b(?:here'?s|there'?s|here comes|here come) (?:some |the |more |your )?[a-z]+[\\s.]*$");

    private static final Pattern ANEW = Pattern.compile("\\b(?:more|another|again|also|too|second)\\b");

    private static final double AT_ONCE_S = 6;

    private BeginsAt() {}

    /** Forgets what was only announced before its place, when it is told there. */
    static void announced(Draft told, String text, double seconds, List<Spoken> drafts) {
        boolean announced = !drafts.isEmpty()
                && drafts.getLast().draft().matter().equals(told.matter())
                && drafts.getLast().source() == Spoken.Source.STANDING
                && seconds - drafts.getLast().seconds() <= AT_ONCE_S
                && ANNOUNCED
                        .matcher(drafts.getLast().draft().wording().toLowerCase(Locale.ROOT))
                        .find()
                && !ANEW.matcher(text.toLowerCase(Locale.ROOT)).find();
        if (announced) {
            drafts.removeLast();
        }
    }

    /** Puts the last thing where a passage says that it begins, if it only stood where something was told before it. */
    static void told(Course course, Passages.Passage passage, double seconds, List<Spoken> drafts) {
        String text = passage.text().toLowerCase(Locale.ROOT);
        Optional<Draft.Place> there =
                course.within(passage.start(), passage.start() + text.length()).filter(Draft.Place::isPoint);
        if (drafts.isEmpty() || there.isEmpty() || !BEGINS.matcher(text).find()) {
            return;
        }
        Spoken last = drafts.getLast();
        boolean stood = last.source() == Spoken.Source.STANDING
                && Stating.isFound(last.draft())
                && seconds - last.seconds() <= SOON_S
                && (!text.contains("counter")
                        || HERE.matcher(last.draft().wording()).find());
        if (stood) {
            Distance from = there.get().from();
            Distance to = last.draft().length().map(from::plus).orElse(from);
            Draft put = last.draft().at(Optional.of(new Draft.Place(from, to)));
            drafts.set(
                    drafts.size() - 1,
                    new Spoken(last.key(), last.seconds(), put, Spoken.Source.SAID, last.likeness()));
        }
    }
}
