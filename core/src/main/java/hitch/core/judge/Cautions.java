package hitch.core.judge;

import java.util.List;

/** The cautions that every deliverable carries. */
public final class Cautions {
    private Cautions() {}

    /** In the order they are shown. */
    public static final List<String> ALL = List.of(
            "This is a reviewer's opinion of the inside of a pipe on the day it was recorded; the written report holds "
                    + "the final word.",
            "Local codes and licensed trades decide what must be done.",
            "Have buried utilities marked before anyone digs. Deep trenches need shoring.",
            "Sewer gas and germs can hurt: leave openings closed, and wash after handling anything from a drain.");
}
