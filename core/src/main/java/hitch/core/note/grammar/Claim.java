package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import java.util.Set;

/**
 * Tells whether a sentence of speech claims that something is in this pipe, or only uses the word. A claim gives a place
 * or a figure, points ("there's", "we have", "I see"), says it of the pipe ("the joint is cracked"), or is no more than
 * the thing itself ("heavy roots, top").
 */
final class Claim {
    private static final Set<String> POINTING = Set.of(
            "theres",
            "there",
            "heres",
            "here",
            "have",
            "got",
            "weve",
            "ive",
            "see",
            "seeing",
            "saw",
            "this",
            "thats",
            "another",
            "hit",
            "find",
            "found",
            "notice",
            "noticed",
            "observed",
            "noted",
            "visible",
            "shows",
            "showing",
            "appears",
            "picks",
            "starts",
            "begins",
            "show",
            "look",
            "now",
            "coming",
            "comes",
            "big",
            "yeah",
            "hanging",
            "hung",
            "caught",
            "stuck",
            "its",
            "these",
            "those",
            "that",
            "still",
            "goes",
            "enter",
            "entering",
            "growing",
            "we",
            "i",
            "some",
            "more",
            "where");
    private static final Set<String> OF_PIPE = Set.of(
            "pipe", "joint", "line", "wall", "hub", "it", "section", "clay", "iron", "cast", "plastic", "pvc", "bottom",
            "top", "side", "lens", "camera", "pipes", "sewer", "drain", "were", "lateral", "invert", "crown");
    private static final Set<String> VERBS =
            Set.of("is", "are", "has", "was", "looks", "really", "badly", "completely", "totally", "fully");
    /** What one of several pipes or joints does that is only pointed at. */
    private static final Set<String> HAS = Set.of("has", "have", "had", "shows", "got", "is", "was");

    private static final Set<String> SMALL = Set.of(
            "a", "an", "the", "some", "of", "on", "in", "at", "and", "with", "okay", "ok", "so", "yeah", "from", "bit",
            "pretty", "very", "quite", "few", "couple", "kind", "all", "more", "big", "lots", "both", "sides");

    private final Phrases parts;

    Claim(Phrases parts) {
        this.parts = parts;
    }

    boolean isMade(int i, FindingKind kind) {
        if (kind.family() == Family.LIMIT || kind.family() == Family.TOLD) {
            return true;
        }
        boolean bare = true;
        for (int j = 0; j < parts.size(); j++) {
            Meaning meaning = parts.at(j).meaning();
            boolean figure = meaning instanceof Meaning.Place
                    || meaning instanceof Meaning.Size
                    || meaning instanceof Meaning.Share
                    || meaning instanceof Meaning.Length
                    || meaning instanceof Meaning.Here
                    || meaning instanceof Meaning.Angle
                    || meaning instanceof Meaning.Sure
                    || meaning instanceof Meaning.Round r && r.clock().from() % 3 != 0;
            if (figure || j < i + 3 && points(j) || isOfPipe(j, i)) {
                return true;
            }
            bare &= !(meaning instanceof Meaning.Plain)
                    || parts.at(j).isSign()
                    || SMALL.contains(parts.at(j).text());
        }
        return bare;
    }

    private boolean points(int j) {
        return POINTING.contains(parts.at(j).text())
                || parts.isAny(j, Glue.INTO, Glue.AGAIN, Glue.DENIED, Glue.SORRY)
                || parts.says(j, "there is", "there are");
    }

    /** "The joint is cracked", "it has a crack", "the next one has roots", "thirty-nine has a root". */
    private boolean isOfPipe(int j, int i) {
        if (j >= i || j < i - 6) {
            return false;
        }
        int verb = parts.says(i - 1, "a", "an", "some", "the") ? i - 2 : i - 1;
        if (OF_PIPE.contains(parts.at(j).text())) {
            return VERBS.contains(parts.at(verb).text())
                    || parts.has(i - 1, Meaning.Much.class)
                    || parts.has(j, Meaning.Pipe.class);
        }
        return isOneOf(j) && verb - j <= 2 && HAS.contains(parts.at(verb).text());
    }

    /** "The next one", "thirty-nine": one of several, that is pointed at. */
    private boolean isOneOf(int j) {
        boolean number = parts.has(j, Meaning.Number.class)
                || parts.has(j, Meaning.Amount.class)
                || NumberWords.whole(parts.at(j).text()).isPresent();
        return parts.says(j, "one", "next", "ones")
                || number && !parts.says(j - 1, "number", "house", "unit", "lot", "job");
    }
}
