package hitch.core.note.grammar;

/** Tells what is only named beside something else: to liken it, or to tell it apart. */
final class Contrasts {
    private final Phrases parts;

    Contrasts(Phrases parts) {
        this.parts = parts;
    }

    /** "Squashed like somebody dropped a rock on it": only likened to something. */
    boolean isLikened(int i) {
        for (int j = i - 1; j > 0; j--) {
            if (parts.at(j).isSign() || parts.has(j, Meaning.Place.class)) {
                return false;
            }
            boolean like = parts.says(j, "like", "as if")
                    && parts.says(j + 1, "somebody", "someone", "something", "they", "he", "a", "an", "when", "it");
            if (like) {
                for (int k = 0; k < j; k++) {
                    if (parts.isThing(k)) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** "Soap scum, not grease": denied only to tell it from what there is. */
    boolean isContrasted(int i) {
        int not = i - 1;
        while (parts.says(not, "a", "the", "any")) {
            not--;
        }
        if (!parts.says(not, "not", "not the", "not a", "not any", "rather than", "instead of")) {
            return false;
        }
        for (int k = 0; k < not; k++) {
            boolean denied = parts.is(k, Glue.DENIED) || parts.is(k, Glue.THOUGHT);
            if (parts.isThing(k) && !denied) {
                return true;
            }
        }
        return false;
    }
}
