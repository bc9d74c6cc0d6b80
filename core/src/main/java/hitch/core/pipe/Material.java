package hitch.core.pipe;

/** What a pipe is made of. */
public enum Material {
    CLAY("clay", false, 0xA9704C),
    CAST_IRON("cast iron", true, 0x5A3B2C),
    PVC("PVC", false, 0xC3C8BD),
    ABS("ABS", false, 0x3A3D40),
    CONCRETE("concrete", false, 0x9A958A),
    TAR_FIBRE("tar-fibre", true, 0x332C28),
    STEEL("steel", true, 0x6A6C6B),
    LINED("lined", false, 0xB9C3AE);

    private final String word;
    private final boolean weakWhenOld;
    private final int colour;

    Material(String word, boolean weakWhenOld, int colour) {
        this.word = word;
        this.weakWhenOld = weakWhenOld;
        this.colour = colour;
    }

    public String word() {
        return word;
    }

    /** Whether many will not jet it once it is old, since the water can break it. */
    public boolean weakWhenOld() {
        return weakWhenOld;
    }

    /** Its colour wherever the pipe is drawn, red, green and blue: near its own, so that nobody needs a key. */
    public int colour() {
        return colour;
    }
}
