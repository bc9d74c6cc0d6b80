package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import hitch.core.note.Act;
import java.util.Set;

/** What a sentence holds anywhere, for rules that one word decides by the others. */
final class Hints {
    private static final Set<FindingKind> FILLING = Set.of(
            FindingKind.ROOTS,
            FindingKind.DEBRIS,
            FindingKind.GREASE,
            FindingKind.WIPES,
            FindingKind.BLOCKAGE,
            FindingKind.SCALE,
            FindingKind.STANDING_WATER,
            FindingKind.DEFORMATION,
            FindingKind.UNDER_WATER);

    private final Phrases parts;
    /** The words as one text; they stay the same once the figures are settled, which is when texts are asked for. */
    private String spoken;

    Hints(Phrases parts) {
        this.parts = parts;
    }

    boolean any(Class<? extends Meaning> type) {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.has(i, type)) {
                return true;
            }
        }
        return false;
    }

    int count(Class<? extends Meaning> type) {
        int count = 0;
        for (int i = 0; i < parts.size(); i++) {
            count += parts.has(i, type) ? 1 : 0;
        }
        return count;
    }

    boolean anyThing(FindingKind kind) {
        return anyOf(Set.of(kind));
    }

    /** Whether anything is named that fills a bore, so that a fraction is a share of it. */
    boolean anyFilling() {
        return anyOf(FILLING);
    }

    private boolean anyOf(Set<FindingKind> kinds) {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.as(i, Meaning.Thing.class)
                    .map(t -> kinds.contains(t.kind()))
                    .orElse(false)) {
                return true;
            }
        }
        return false;
    }

    boolean anyCondition() {
        for (int i = 0; i < parts.size(); i++) {
            boolean condition = parts.as(i, Meaning.Thing.class)
                    .map(t -> t.kind().family() == FindingKind.Family.CONDITION)
                    .orElse(false);
            if (condition) {
                return true;
            }
        }
        return false;
    }

    /** Whether anything is named that a number may be the place of. */
    boolean anyMatter() {
        return any(Meaning.Thing.class) || any(Meaning.MadeOf.class) || any(Meaning.Clue.class);
    }

    boolean anyZero() {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.as(i, Meaning.Doing.class).map(d -> d.act() == Act.ZERO).orElse(false)) {
                return true;
            }
        }
        return false;
    }

    /** Whether any of these words or phrases is said. */
    boolean anyText(String... words) {
        if (spoken == null) {
            spoken = " " + parts.text() + " ";
        }
        for (String word : words) {
            if (spoken.contains(" " + word + " ")) {
                return true;
            }
        }
        return false;
    }

    /** Whether something is denied, or said to hang on something else. */
    boolean anyDenied() {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.is(i, Glue.DENIED)
                    || parts.says(i, "caught", "hung", "stuck", "hanging", "catching", "snagged")) {
                return true;
            }
        }
        return false;
    }
}
