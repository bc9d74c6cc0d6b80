package hitch.core.story;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.story.words.PhraseBook;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * A sentence that a reviewer wrote of one finding, kept as the firm's phrase for that kind of thing at that weight, to that sort of recipient; its
 * facts are filled in anew each time. One that tells the place is said instead of the sentence that does; another is said beside it.
 *
 * @param heading what it stands under in the firm's phrases
 * @param sentence with its facts as slots
 */
public record KeptPhrase(String heading, String sentence) {
    private static final List<String> SLOTS = PhraseBook.KEPT_SLOTS;

    /** Whether sentences to a recipient are chosen from phrases at all. */
    public static boolean isFor(Recipient recipient) {
        return recipient.tone() != Recipient.Tone.RECORD;
    }

    /** A sentence of a shot's narration as a phrase; empty where the shot is about no single finding, or the recipient is told plain facts. */
    public static Optional<KeptPhrase> of(Shot shot, String sentence, Disclosure may) {
        if (!isFor(may.recipient()) || LiveFacts.about(shot).size() != 1) {
            return Optional.empty();
        }
        return may.finding(LiveFacts.about(shot).getFirst()).map(found -> {
            LiveFacts facts = LiveFacts.of(shot, may);
            StringBuilder phrase = new StringBuilder();
            int done = 0;
            for (LiveFacts.Span span : facts.in(sentence)) {
                String slot = span.name().substring(span.name().lastIndexOf('.') + 1);
                if (SLOTS.contains(slot)) {
                    phrase.append(sentence, done, span.from())
                            .append('{')
                            .append(slot)
                            .append('}');
                    done = span.to();
                }
            }
            phrase.append(sentence, done, sentence.length());
            return new KeptPhrase(
                    heading(found) + "/" + may.recipient().tone().name().toLowerCase(Locale.ROOT), phrase.toString());
        });
    }

    /** What phrases of such findings stand under, whoever they are told to. */
    static String heading(LocatedFinding found) {
        return PhraseBook.KEPT + FindingPart.key(found.finding().kind()) + "."
                + found.weight().name().toLowerCase(Locale.ROOT);
    }

    /** The facts of a finding that phrases can have in them. */
    static Map<String, String> slots(LocatedFinding found, Disclosure may) {
        Map<String, String> slots = new LinkedHashMap<>();
        LiveFacts.ofFinding(found, may)
                .forEach((name, text) -> slots.put(name.substring(name.lastIndexOf('.') + 1), text));
        if (!may.facts().property().isBlank()) {
            slots.put("property", may.facts().property());
        }
        return slots;
    }

    /** Whether it tells the place. */
    static boolean tellsPlace(String phrase) {
        return phrase.contains("{station}");
    }

    /** The firm's phrases with this one among them. */
    public PhraseBook in(PhraseBook own) {
        Map<String, List<String>> lines = new LinkedHashMap<>(own.lines());
        List<String> under = new ArrayList<>(lines.getOrDefault(heading, List.of()));
        if (!under.contains(sentence)) {
            under.add(sentence);
        }
        lines.put(heading, under);
        return new PhraseBook(lines);
    }

    /** For what it stands, in words: {@code roots to mend}. */
    public String about() {
        String[] parts = heading.substring(PhraseBook.KEPT.length()).split("[./]");
        return parts[0].replace('-', ' ') + ", weighed "
                + Weight.valueOf(parts[1].toUpperCase(Locale.ROOT)).word();
    }
}
