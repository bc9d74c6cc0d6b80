package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.detail.Kept;
import hitch.core.finding.FindingKind;
import hitch.core.note.Act;
import java.util.Optional;
import java.util.regex.Pattern;

/** A look that was promised for later, and until when; "told you I would stop again, here it is" keeps one and makes none. */
final class PromiseRule implements MoreRules.Rule {
    private static final Pattern BACK = Pattern.compile(
            "\\b(?:on|during|when|coming|going|while|as) (?:(?:i|im|we|were|the|my|our|am|are|pull|pulling|come|coming|way|head|heading|go|going) )*(?:way )?(?:back|home|out)\\b|\\b(?:coming|going|heading) (?:home|back)\\b|\\bon the return\\b|\\bway back\\b|\\bpulling (?:out|back)\\b");
    private static final Pattern ONCE = Pattern.compile(
            "\\b(?:once|after|when|as soon as) (?:the |that |her |his |their |it )?([a-z]+(?: [a-z]+)?s? (?:drains?|stops|is off|off|is shut off|clears|shuts off|settles|is down|is out|is cleaned|is clean|goes down|runs|dries)|(?:the )?(?:flush|flushing|cleaning|cutting|jetting|snaking|it is cleaned|its cleaned|its cut|they clean|they cut)|waters (?:down|off|out|gone|drained))\\b");
    private static final Pattern LOOK = Pattern.compile(
            "\\b(?:check|see|look at|look in|look|circle back|get back|come back|go back|revisit|recheck|stop|show|get|catch|verify|watch|take|shoot|film|photograph)\\b");
    private static final Pattern WILL = Pattern.compile(
            "\\b(?:ill|well|i will|we will|let me|lets|owe|going to|gonna|check|revisit|recheck|need to|want to|have to|remind me)\\b");
    private static final Pattern OWED = Pattern.compile("\\bowe (?:you|it|that)\\b");
    private static final Pattern KEPT = Pattern.compile(
            "\\b(?:told you|like i said|as promised|i promised|i said) (?:i|id|we|wed|that|i would)\\b.*\\b(?:here it is|here we are|and its|so here|there it is)\\b");
    private static final Pattern BROKEN = Pattern.compile(
            "\\b(?:said|told you|promised) (?:(?:you|i|we|id|wed|would|that|that i) )+(?:look|check|see|stop|get|come|go).*\\b(?:never did|never got|didnt|did not|forgot|couldnt|could not|never)\\b");
    private static final Pattern INTO = Pattern.compile(
            "\\b(?:the |that )?(kitchen|laundry|bath|bathroom|basement|upstairs|side|garage|shop|guest|master) (?:branch|line|lateral)\\b");

    @Override
    public void read(Sense sense) {
        Optional<Sense.Match> broken = sense.find(BROKEN);
        if (broken.isPresent()) {
            sense.drop(c -> true);
            Candidate made =
                    sense.add(FindingKind.PROMISE, broken.get().first()).say(Detail.KEPT, Kept.NOT_KEPT);
            sense.find(INTO).ifPresent(m -> sense.sayWords(made, Detail.BRANCH, m.group(1), m));
            return;
        }
        if (sense.find(KEPT).isPresent()) {
            sense.drop(FindingKind.PROMISE, FindingKind.LIMIT);
            return;
        }
        // "Still standing on the way back" tells of a pass, and promises nothing.
        sense.drop(c -> c.is(FindingKind.PROMISE)
                && sense.typed()
                && !sense.says(LOOK)
                && sense.found().stream().anyMatch(Candidate::isCondition));
        Optional<Sense.Match> back = sense.find(BACK);
        Optional<Sense.Match> once = sense.find(ONCE);
        boolean looks =
                sense.says(LOOK) && (sense.says(WILL) || sense.typed()) && (back.isPresent() || once.isPresent());
        if (looks && !sense.any(FindingKind.PROMISE)) {
            sense.find(LOOK).ifPresent(m -> sense.add(FindingKind.PROMISE, m.first()));
            sense.drop(c -> c.is(FindingKind.JOINT) || c.is(FindingKind.LIMIT) || c.is(FindingKind.FIXTURE_TEST));
        }
        if (sense.any(FindingKind.PROMISE) && sense.says(OWED)) {
            sense.drop(c -> c.matter() == Act.SERVICE);
        }
        sense.first(FindingKind.PROMISE).ifPresent(p -> {
            sense.drop(c -> c.is(FindingKind.LIMIT) && c.at() > p.at());
            if (once.isPresent()) {
                sense.say(p, Detail.WHEN, once.get().group(0), once.get());
                sense.drop(FindingKind.FIXTURE_TEST, FindingKind.STANDING_WATER);
            } else {
                back.ifPresent(b -> sense.say(p, Detail.WHEN, "way back", b));
            }
            sense.find(INTO).ifPresent(m -> sense.sayWords(p, Detail.BRANCH, m.group(1), m));
            int place = sense.next(0, Meaning.Place.class);
            if (place >= 0) {
                p.setPlace(sense.parts().at(place));
            }
        });
    }
}
