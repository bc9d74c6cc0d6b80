package hitch.core.line;

/** What a pipe is made of. */
public enum Material {
    CLAY("clay", false),
    CAST_IRON("cast iron", true),
    PVC("PVC", false),
    ABS("ABS", false),
    CONCRETE("concrete", false),
    TAR_FIBRE("tar-fibre", true),
    STEEL("steel", true),
    LINED("lined", false);

    private final String word;
    private final boolean weakWhenOld;

    Material(String word, boolean weakWhenOld) {
        this.word = word;
        this.weakWhenOld = weakWhenOld;
    }

    public String word() {
        return word;
    }

    /** Whether many will not jet it once it is old, since the water can break it. */
    public boolean weakWhenOld() {
        return weakWhenOld;
    }
}
