package hitch.bench.harm;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Random;

/** One way to attack, which may be gone again and again with other chance. */
interface Attack {
    /** What came of handing the damaged thing in. */
    enum Outcome {
        /** It was read; what is damaged was told, or nothing of worth was. */
        READ,
        /** It was refused in words. */
        REFUSED,
        /** A value came to be another one and nobody was told. */
        SILENT
    }

    String name();

    /** Damages something of its own in {@code scratch}; gives the files that must be the same afterwards. */
    Iterable<Path> prepare(Path scratch, Random chance) throws IOException;

    /** Hands it in. Anything thrown but a refusal in words is a fault. */
    Outcome run() throws Exception;
}
