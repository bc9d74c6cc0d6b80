package hitch.core.talk;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.finding.Topic;
import hitch.core.note.Act;
import hitch.core.note.Draft;
import hitch.core.talk.like.Likeness;
import hitch.core.talk.like.Likeness.Like;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What a passage is like among all that was ever said: it tells where no rule knows the words, and doubts what a rule took from them. */
final class Guess {
    /** As likely as words must be of a matter that a place was said with; of what is less likely, more was wrong than right. */
    private static final double LIKE_AT_A_PLACE = 0.45;
    /** The same where none was said. */
    private static final double LIKE = 0.85;
    /** The same while the line is summed up, when hardly anything else is told than what is meant here. */
    private static final double LIKE_SUMMING_UP = 0.6;
    /** The same before the camera sets out: of the job, and of the way in. */
    private static final double LIKE_BEFORE = 0.5;
    /** The same where rules took something else from it. */
    private static final double LIKE_TO_BE_MEANT = 0.95;
    /** The same of a clause, beside what rules took from the passage. On thirty-two commentaries it found 2.5 % more, as much of it right. */
    private static final double LIKE_IN_A_CLAUSE = 0.9;
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

    /** Fewer words say nothing by themselves. */
    private static final int CLAUSE_WORDS = 3;

    /** So few words only name a thing. */
    private static final int NAMED_ONLY_WORDS = 3;
    /** A size is told by its numbers, which are not looked at; a joint by what is about it. */
    private static final Set<FindingKind> NOT_DOUBTED = Set.of(FindingKind.SIZE_CHANGE, FindingKind.JOINT);

    /** What is told of a thing that was found, once the line is passed. */
    private static final Set<Topic> MEANT = Set.of(FindingKind.ADVICE, Act.SERVICE, FindingKind.PROMISE);

    /** What nobody says before anything is seen. */
    private static final Set<Topic> JUDGES = Set.of(FindingKind.ADVICE, FindingKind.VERDICT, FindingKind.PROMISE);

    private static final Pattern PARTS = Pattern.compile("[,;.]\\s+");
    private static final Pattern CLAUSES = Pattern.compile("[,;.]\\s+|\\s+(?=(?:and|but|so|because|with) )");
    private static final Pattern SENTENCES = Pattern.compile("(?<=[.!?])\\s+");
    /** Two numbers alone are no widths. */
    private static final Pattern OF_SIZE = Pattern.compile(
            "(?i)\\b(?:inch|bigger|smaller|larger|reduc\\w+|increas\\w+|bushing|opens|necks|steps? (?:up|down)|upsiz\\w+|downsiz\\w+)\\b");

    private static final Pattern TOLD = Pattern.compile(
            "\\b(?:we have|we'?ve got|i have|i see|i'?ve got|there(?:'?s| is| are)|here(?:'?s| is| are)) (?:an? |some |more )?(?:(?:little|small|big|heavy|light|minor|major|severe) )?");

    private static final Pattern POINT_ZERO = Pattern.compile("(?i)\\bpoint (?:zero|oh|o)\\b");

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
     * @param passed whether all places were passed: the line is judged then
     * @param summingUp whether that has begun
     * @param before whether the camera is not in yet
     */
    Optional<Topic> stated(Statements statements, boolean placed, boolean passed, boolean summingUp, boolean before) {
        double enough = placed ? LIKE_AT_A_PLACE : before ? LIKE_BEFORE : summingUp ? LIKE_SUMMING_UP : LIKE;
        return sentences.stream()
                .flatMap(sentence -> likely(
                        sentence,
                        enough,
                        m -> !(before && JUDGES.contains(m)) && mayBe(m, sentence, statements, passed)))
                .max(Comparator.comparingDouble(Like::certainty))
                .flatMap(Like::matter);
    }

    /** What it surely means to be done or judged, though rules took something else from it. */
    Optional<Topic> meant(Statements statements) {
        return likely(text, LIKE_TO_BE_MEANT, m -> MEANT.contains(m) && statements.mayState(m, text))
                .findFirst()
                .flatMap(Like::matter);
    }

    /** What a clause states, and where it begins in the text. */
    record Clause(Topic matter, int at) {}

    /** What its clauses state by themselves, surely and of the pipe; said at a place. */
    List<Clause> clauses(Statements statements) {
        List<Clause> clauses = new ArrayList<>();
        int at = 0;
        for (String clause : CLAUSES.split(text)) {
            int start = text.indexOf(clause, at);
            at = start + clause.length();
            if (words(clause) >= CLAUSE_WORDS && !SameAgain.isNameless(clause)) {
                likely(
                                clause,
                                LIKE_IN_A_CLAUSE,
                                m -> Stating.isFound(m)
                                        && statements.isClaimed(m, text)
                                        && mayBe(m, clause, statements, false))
                        .flatMap(like -> like.matter().stream())
                        .forEach(matter -> clauses.add(new Clause(matter, start)));
            }
        }
        return clauses;
    }

    private static Stream<Like> likely(String words, double certainty, Predicate<Topic> mayBe) {
        if (words(words) > ONE_THING_WORDS) {
            return Stream.empty();
        }
        return Stream.of(Likeness.known().of(words))
                .filter(like -> like.certainty() >= certainty
                        && like.matter().filter(mayBe).isPresent());
    }

    private static boolean mayBe(Topic matter, String sentence, Statements statements, boolean passed) {
        return (matter != FindingKind.SIZE_CHANGE || OF_SIZE.matcher(sentence).find())
                && (matter != Act.ZERO || !POINT_ZERO.matcher(sentence).find())
                && (matter != FindingKind.VERDICT || passed)
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
                && !isTold(kind)
                && about(draft).allMatch(words -> isUnlike(words, kind));
    }

    /** Whether it is like nothing that was ever said of a line. */
    boolean isLikeNothing() {
        return Likeness.known().of(text).matter().isEmpty();
    }

    /** "Between 29 and 32 feet we have deformation": who tells it by its name means it. */
    private boolean isTold(FindingKind kind) {
        Matcher told = TOLD.matcher(text.toLowerCase(Locale.ROOT));
        while (told.find()) {
            if (text.toLowerCase(Locale.ROOT).startsWith(kind.word(), told.end())) {
                return true;
            }
        }
        return false;
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
