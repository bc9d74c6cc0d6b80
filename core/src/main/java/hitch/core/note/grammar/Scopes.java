package hitch.core.note.grammar;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import java.util.regex.Pattern;

/** Tells how a word of a sentence is meant: asserted, doubted, denied, or not claimed at all. */
final class Scopes {
    private static final Pattern CANNOT_SEE = Pattern.compile("(?:cant|couldnt|could not|dont|not able to) see");

    private static final int DENIAL_REACH = 6;

    private final Phrases parts;
    private final boolean typed;

    Scopes(Phrases parts, boolean typed) {
        this.parts = parts;
        this.typed = typed;
    }

    /** Whether the sentence says that there is none of it. */
    boolean isNone(int i) {
        for (int j = i - 1; j >= 0; j--) {
            if (parts.is(j, Glue.BUT) || parts.is(j, Glue.SORRY) || breaksList(j, i)) {
                return false;
            }
            boolean none = parts.is(j, Glue.NONE) || parts.is(j, Glue.GONE) && j == i - 1;
            boolean limit = i - j <= 3
                    && isThing(j)
                    && CANNOT_SEE.matcher(parts.at(j).text()).matches();
            if (none || limit) {
                return !parts.says(j, "no") || !isAnswer(j);
            }
        }
        for (int j = i + 1; j <= i + 6; j++) {
            if (parts.is(j, Glue.GONE) || parts.says(j, "none") || parts.is(j, Glue.NONE) && parts.isEdge(j + 1)) {
                return true;
            }
            if (parts.at(j).isSign() || parts.is(j, Glue.BUT)) {
                return false;
            }
        }
        return false;
    }

    /** "No, that is a crack": the no answers something. */
    private boolean isAnswer(int j) {
        return parts.says(j + 1, ",");
    }

    /** A comma ends what a no reaches, unless a list of such things goes on over it. */
    private boolean breaksList(int j, int i) {
        if (!parts.says(j, ",", ";", ":")) {
            return false;
        }
        boolean list = parts.says(j, ",");
        boolean or = false;
        int k = j + 1;
        for (; k < parts.size() && list; k++) {
            boolean item = isThing(k) || parts.has(k, Meaning.Much.class) || parts.has(k, Meaning.Round.class);
            boolean link = parts.says(k, ",", "or", "nor", "and", "any", "a", "other");
            or |= parts.says(k, "or", "nor");
            if (!item && !link) {
                break;
            }
            if (k > i && parts.says(k, ",") && !typed) {
                or = true;
            }
        }
        return !(list && or);
    }

    /** Whether the sentence denies that something is this: "that is not a crack". */
    boolean isDenied(int i) {
        for (int j = i - 1; j >= 0 && j >= i - DENIAL_REACH; j--) {
            if (parts.is(j, Glue.DENIED)) {
                return !parts.says(parts.before(j), "if", "or", "whether")
                        && !parts.says(j + 1, "only", "just", "sure");
            }
            if (parts.at(j).isSign() || parts.is(j, Glue.BUT) || isThing(j) || parts.has(j, Meaning.Place.class)) {
                break;
            }
        }
        for (int j = i + 1; j <= i + 4; j++) {
            if (parts.says(j, "ruled out", "is ruled out")) {
                return true;
            }
        }
        return thought(i);
    }

    /** "The fixtures were not tested." */
    boolean isUndone(int i) {
        for (int j = i + 1; j <= i + 6; j++) {
            if (parts.is(j, Glue.DENIED)) {
                return true;
            }
        }
        return false;
    }

    /** "I thought that was a crack but it is a seam." */
    private boolean thought(int i) {
        boolean before = false;
        for (int j = i - 1; j >= 0 && j >= i - 7; j--) {
            before |= parts.is(j, Glue.THOUGHT) || parts.says(j, "looked like");
            if (parts.is(j, Glue.BUT) || parts.at(j).isSign()) {
                break;
            }
        }
        for (int j = i + 1; before && j < parts.size(); j++) {
            if (parts.is(j, Glue.BUT) || parts.is(j, Glue.DENIED) || parts.says(j, "actually", "turns", "its", "it")) {
                return true;
            }
        }
        return false;
    }

    /** Whether it is spoken of without being claimed: a question, a rule, a plan, something of old. */
    boolean isTalk(int i, boolean placed) {
        boolean question = parts.says(parts.size() - 1, "?")
                && parts.says(
                        0, "any", "do", "does", "have", "what", "why", "how", "did", "are", "where", "who", "when",
                        "which", "will", "should");
        question |= parts.says(parts.size() - 1, "?") && parts.says(0, "is", "are", "was") && parts.says(1, "there");
        if (question) {
            return true;
        }
        for (int j = 0; j < parts.size(); j++) {
            if (parts.is(j, Glue.LOOK_FOR) && j < i && !placed) {
                return true;
            }
            if ((parts.is(j, Glue.GENERAL) || parts.is(j, Glue.BEFORE)) && !placed && !typed && !pointsHere()) {
                return true;
            }
            if (parts.is(j, Glue.WILL) && j < i && !placed && !typed) {
                return true;
            }
            if (parts.is(j, Glue.IF) && j < i && !placed && !seeingIf(j)) {
                return true;
            }
        }
        return false;
    }

    private boolean hasPlace() {
        for (int j = 0; j < parts.size(); j++) {
            if (parts.has(j, Meaning.Place.class) || parts.has(j, Meaning.Here.class)) {
                return true;
            }
        }
        return false;
    }

    private boolean pointsHere() {
        for (int j = 0; j < parts.size(); j++) {
            if (parts.has(j, Meaning.Here.class)) {
                return true;
            }
        }
        return false;
    }

    /** "If you look at the top" points at something that is there. */
    private boolean seeingIf(int j) {
        return parts.says(j, "if")
                && parts.says(j + 1, "you", "we", "i")
                && parts.says(j + 2, "look", "notice", "see", "watch", "can");
    }

    /** Whether it stands behind a piece of advice, as what is to be done. */
    boolean isAdvised(int i) {
        boolean advised = false;
        for (int j = 0; j < i; j++) {
            advised |= isAdvice(j);
            if (parts.is(j, Glue.BUT) && !parts.says(j, "so", "because")) {
                advised = false;
            }
        }
        return advised;
    }

    /** Whether the part gives advice. */
    boolean isAdvice(int j) {
        if (parts.says(0, "if")
                && parts.says(1, "you", "there", "they", "we", "this", "that", "i", "it")
                && !hasPlace()) {
            return false;
        }
        if (typed && j == 0 && parts.is(0, Glue.REMEDY)) {
            return true;
        }
        if (!parts.is(j, Glue.ADVISE) || parts.is(j - 1, Glue.NONE) || parts.is(j - 1, Glue.DENIED)) {
            return false;
        }
        boolean weak =
                parts.as(j, Meaning.Joined.class).map(Meaning.Joined::weak).orElse(false);
        if (!weak) {
            return true;
        }
        for (int k = 0; k < parts.size(); k++) {
            if (parts.is(k, Glue.REMEDY) || parts.says(k, "a repair", "lined", "lining", "relined", "cleaned")) {
                return true;
            }
        }
        return false;
    }

    /** How sure the speaker is of the thing at {@code i}. */
    Certainty certainty(int i) {
        if (parts.says(parts.size() - 1, "?")) {
            return Certainty.POSSIBLE;
        }
        Certainty sure = Certainty.SEEN;
        for (int j = i - 1; j >= 0; j--) {
            if (parts.is(j, Glue.BUT) || parts.says(j, ",") && !opensWith(j) || isOtherFinding(j) && !isJoined(j, i)) {
                break;
            }
            Certainty said = certaintyAt(j);
            sure = said.ordinal() > sure.ordinal() ? said : sure;
        }
        for (int j = i + 1; j <= i + 6 && j < parts.size(); j++) {
            boolean closed = parts.isEdge(j + 2) || parts.at(j + 2).isSign();
            if (parts.is(j, Glue.BUT)
                    || isThing(j)
                    || parts.says(j, "?")
                    || parts.at(j).isSign() && !closed) {
                break;
            }
            Certainty said = certaintyAt(j);
            boolean tail = parts.says(
                    j,
                    "maybe",
                    "i think",
                    "possibly",
                    "probably",
                    "likely",
                    "i believe",
                    "perhaps",
                    "not sure",
                    "i guess",
                    "suspected",
                    "cant tell",
                    "possible",
                    "hard to tell",
                    "not certain");
            if (tail && said.ordinal() > sure.ordinal()) {
                sure = said;
            }
        }
        if (parts.says(i + 1, "?")) {
            return Certainty.POSSIBLE;
        }
        return sure;
    }

    /** A certainty word before the comma opens the clause behind it: "maybe, a crack". */
    private boolean opensWith(int comma) {
        return comma >= 1 && parts.has(comma - 1, Meaning.Sure.class);
    }

    /** "A crack or a root": nothing but a joining word between them. */
    private boolean isJoined(int first, int second) {
        for (int j = first + 1; j < second; j++) {
            if (!parts.is(j, Glue.AND)
                    && !parts.says(j, "a", "an", "the", "some")
                    && !parts.has(j, Meaning.Much.class)) {
                return false;
            }
        }
        return true;
    }

    private boolean isOtherFinding(int j) {
        return parts.as(j, Meaning.Thing.class)
                .map(t -> t.kind().family() == FindingKind.Family.CONDITION)
                .orElse(false);
    }

    private Certainty certaintyAt(int j) {
        boolean ofNumber =
                parts.says(j, "maybe", "probably", "i think", "i guess", "i would say", "id say", "i believe")
                        && (parts.has(j + 1, Meaning.Place.class)
                                || parts.has(j + 1, Meaning.Length.class)
                                || parts.has(j + 1, Meaning.Share.class)
                                || parts.has(j + 1, Meaning.Size.class)
                                || parts.is(j + 1, Glue.AT));
        return ofNumber
                ? Certainty.SEEN
                : parts.as(j, Meaning.Sure.class).map(Meaning.Sure::certainty).orElse(Certainty.SEEN);
    }

    private boolean isThing(int j) {
        return parts.has(j, Meaning.Thing.class);
    }
}
