package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import java.util.Set;

/** Tells words that only say where something else is: "at the joint", "in through the cleanout". */
final class Nearness {
    private static final Set<String> NEAR = Set.of(
            "at",
            "in",
            "from",
            "through",
            "past",
            "before",
            "after",
            "by",
            "near",
            "to",
            "toward",
            "towards",
            "of",
            "into",
            "around",
            "behind",
            "under",
            "on",
            "between",
            "inside",
            "beyond",
            "until",
            "out",
            "via",
            "off",
            "beneath",
            "down to",
            "up to",
            "thru",
            "out to",
            "all the way to",
            "below",
            "beside",
            "across",
            "next to",
            "till",
            "with",
            "going into",
            "goes into",
            "reaching",
            "towards the",
            "since",
            "over",
            "along",
            "for");

    private final Phrases parts;

    Nearness(Phrases parts) {
        this.parts = parts;
    }

    /** Whether a word of place stands before it: "at the joint", "in through the cleanout". */
    boolean isNear(int i) {
        int j = i - 1;
        while (parts.says(
                        j,
                        "the",
                        "a",
                        "an",
                        "this",
                        "that",
                        "each",
                        "every",
                        "first",
                        "next",
                        "old",
                        "same",
                        "kitchen",
                        "buried",
                        "front",
                        "back",
                        "our",
                        "last",
                        "second",
                        "exterior",
                        "interior",
                        "two",
                        "way",
                        "lower",
                        "upper",
                        "main",
                        "yard",
                        "roof",
                        "one",
                        "those",
                        "these",
                        "its",
                        "bathroom",
                        "basement",
                        "outside")
                || parts.has(j, Meaning.Pipe.class)
                || parts.has(j, Meaning.Round.class)) {
            j--;
        }
        int k = j;
        while (k > j - 2 && parts.has(k, Meaning.Plain.class) && !parts.at(k).isSign() && !isNearWord(k)) {
            k--;
        }
        while (k < j && parts.says(k, "the", "a", "an", "that", "this")) {
            k--;
        }
        if (parts.isThing(i, FindingKind.COUPLING) && parts.says(j, "with")) {
            // "With a coupling": it is there too.
            return false;
        }
        if (isNearWord(k) && k < j) {
            return true;
        }
        boolean both = parts.is(j, Glue.AND) && parts.has(j - 1, Meaning.Thing.class);
        return isNearWord(j) || both && isNear(j - 1);
    }

    private boolean isNearWord(int j) {
        return NEAR.contains(parts.at(j).text());
    }

    /** "Coming through a crack", but not "a crack with roots". */
    boolean isBy(int i) {
        int j = i - 1;
        while (parts.says(j, "the", "a", "an", "this", "that", "each", "every")) {
            j--;
        }
        return parts.says(
                j, "through", "from", "at", "in", "into", "past", "around", "behind", "on", "of", "by", "near", "thru");
    }
}
