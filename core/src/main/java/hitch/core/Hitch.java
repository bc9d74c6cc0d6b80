package hitch.core;

/** What the program is called, and which it is. */
public final class Hitch {
    public static final String NAME = "Hitch";
    public static final String VERSION = "0.1.0";

    private Hitch() {}
}
