package hitch.core.pipe;

/** What a pipe is made of. */
public enum Material implements Wall {
    CLAY("clay", 0xA9704C, Grain.JOINTED),
    CAST_IRON("cast iron", 0x5A3B2C, Grain.ROUGH),
    PVC("PVC", 0xC3C8BD, Grain.SMOOTH),
    ABS("ABS", 0x3A3D40, Grain.SMOOTH),
    CONCRETE("concrete", 0x9A958A, Grain.JOINTED),
    TAR_FIBRE("tar-fibre", 0x332C28, Grain.ROUGH),
    STEEL("steel", 0x6A6C6B, Grain.ROUGH);

    private final String word;
    private final int colour;
    private final Grain grain;

    Material(String word, int colour, Grain grain) {
        this.word = word;
        this.colour = colour;
        this.grain = grain;
    }

    @Override
    public String word() {
        return word;
    }

    @Override
    public int colour() {
        return colour;
    }

    @Override
    public Grain grain() {
        return grain;
    }
}
