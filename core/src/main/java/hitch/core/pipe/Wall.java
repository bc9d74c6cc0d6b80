package hitch.core.pipe;

/** What the inside of a pipe shows: its own material, or what was put over it. */
public sealed interface Wall permits Material, Lining {
    /** How it is patterned wherever it is drawn. */
    enum Grain {
        /** Laid in short lengths: joints across. */
        JOINTED,
        /** Rusting or crumbling: specks. */
        ROUGH,
        /** In long pieces, or one. */
        SMOOTH
    }

    String word();

    /** Its name among those of all walls. */
    String name();

    /** Its colour wherever the pipe is drawn, red, green and blue: near its own, so that nobody needs a key. */
    int colour();

    Grain grain();
}
