package hitch.core.talk;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.finding.Topic;
import hitch.core.note.Draft;
import hitch.core.talk.like.Likeness;
import hitch.core.talk.like.Likeness.Like;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What a passage is like among all that was ever said: it tells where no rule knows the words, and doubts what a rule took from them. */
final class Guess {
    /** As likely as words must be of a matter that a place was said with; on fresh commentaries more was found by 0.5, and less of it right. */
    private static final double LIKE_AT_A_PLACE = 0.6;
    /** The same where none was said. */
    private static final double LIKE = 0.85;
    /**
     * What is less likely was not said, whatever a rule thinks. On eight fresh commentaries 79 % of drafts were right instead of 72 %, and as
     * much was found.
     */
    private static final double UNLIKE = 0.003;

    /** The same where something else, or nothing, is sure. */
    private static final double RATHER_UNLIKE = 0.02;

    private static final double SURELY_ANOTHER = 0.9;

    /** More words than this seldom say one thing. */
    private static final int ONE_THING_WORDS = 24;
    /** More words than this say so many that none is likely. */
    private static final int MANY_THINGS_WORDS = 30;
    /** What stands about a thing tells what it is; a clause has some twelve words. */
    private static final int WORDS_BEFORE = 5;

    private static final int WORDS_BEHIND = 7;

    /** So few words only name a thing. */
    private static final int NAMED_ONLY_WORDS = 3;
    /** A size is told by its numbers, which are not looked at; a joint by what is about it. */
    private static final Set<FindingKind> NOT_DOUBTED = Set.of(FindingKind.SIZE_CHANGE, FindingKind.JOINT);

    private static final Pattern PARTS = Pattern.compile("[,;.]\\s+");
    private static final Pattern SENTENCES = Pattern.compile("(?<=[.!?])\\s+");
    /** Two numbers alone are no widths. */
    private static final Pattern OF_SIZE = Pattern.compile(
            "(?i)\\b(?:inch|bigger|smaller|larger|reduc\\w+|increas\\w+|bushing|opens|necks|upsiz\\w+|downsiz\\w+)\\b");

    private final String text;
    private final List<String> sentences;

    Guess(String text) {
        this.text = text;
        sentences = SENTENCES
                .splitAsStream(text)
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .toList();
    }

    /**
     * What its surest sentence states.
     *
     * @param placed whether a place is said with it
     * @param summing whether all places were passed: the line is judged then
     */
    Optional<Topic> stated(Statements statements, boolean placed, boolean summing) {
        return sentences.stream()
                .filter(sentence -> words(sentence) <= ONE_THING_WORDS)
                .map(sentence -> new Sentence(sentence, Likeness.known().of(sentence)))
                .filter(s -> s.like().certainty() >= (placed ? LIKE_AT_A_PLACE : LIKE))
                .filter(s -> s.like()
                        .matter()
                        .filter(m -> mayBe(m, s.text(), statements, summing))
                        .isPresent())
                .max(Comparator.comparingDouble(s -> s.like().certainty()))
                .flatMap(s -> s.like().matter());
    }

    private record Sentence(String text, Like like) {}

    private static boolean mayBe(Topic matter, String sentence, Statements statements, boolean summing) {
        return (matter != FindingKind.SIZE_CHANGE || OF_SIZE.matcher(sentence).find())
                && (matter != FindingKind.VERDICT || summing)
                && statements.mayState(matter, sentence);
    }

    /** Whether hardly anybody ever said of a thing that was found what is said here. */
    boolean denies(Draft draft) {
        return draft.matter() instanceof FindingKind kind
                && !NOT_DOUBTED.contains(kind)
                && Likeness.known().knows(kind)
                && kind.family() != Family.TOLD
                && draft.certainty() != Certainty.RULED_OUT
                && words(text) > NAMED_ONLY_WORDS
                && about(draft).allMatch(words -> isUnlike(words, kind));
    }

    private static boolean isUnlike(String words, FindingKind kind) {
        // Of the kind, or of one that is the same in broad.
        double share = Likeness.known().share(words, m -> m instanceof FindingKind k && k.broad() == kind.broad());
        Like like = Likeness.known().of(words);
        boolean sure = like.certainty() > SURELY_ANOTHER;
        // "I'm stopped by roots": two things in one, the second by its name.
        boolean beside = words.toLowerCase(Locale.ROOT).contains(kind.word())
                && like.matter().filter(Stating::isFound).isPresent();
        return !beside && (share < UNLIKE || sure && share < RATHER_UNLIKE);
    }

    /** All of the passage, its sentences and their parts; of one that says many things, what stands about the thing. */
    private Stream<String> about(Draft draft) {
        Stream<String> all = Stream.of(Stream.of(text), sentences.stream(), PARTS.splitAsStream(text))
                .flatMap(s -> s);
        return words(text) <= ONE_THING_WORDS
                ? all
                : Stream.concat(all.filter(s -> words(s) <= MANY_THINGS_WORDS), Stream.of(wordsAt(draft.start())));
    }

    /** The words about a place in the text. */
    private String wordsAt(int at) {
        int from = Math.clamp(at, 0, text.length());
        int to = from;
        for (int words = 0; words < WORDS_BEFORE && from > 0; words++) {
            from = text.lastIndexOf(' ', from - 1);
        }
        for (int words = 0; words < WORDS_BEHIND && to >= 0; words++) {
            to = text.indexOf(' ', to + 1);
        }
        return text.substring(Math.max(from, 0), to < 0 ? text.length() : to).strip();
    }

    private static int words(String sentence) {
        return sentence.split("\\s+").length;
    }
}
