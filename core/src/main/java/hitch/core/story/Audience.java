package hitch.core.story;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** Who a story is for. */
public enum Audience {
    HOMEOWNER("Homeowner", "is it working, what does it mean, what to do"),
    BUYER("Buyer", "what is wrong, how sure, who else must look, what is unknown"),
    DISTRICT("District", "its own part of the pipe, distances, plain evidence, nothing private");

    private final String title;
    private final String wants;

    Audience(String title, String wants) {
        this.title = title;
        this.wants = wants;
    }

    public String title() {
        return title;
    }

    public String wants() {
        return wants;
    }

    /** The word used on the command line and in file names. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Audience> of(String word) {
        return Arrays.stream(values())
                .filter(a -> a.word().equals(word.strip().toLowerCase(Locale.ROOT)))
                .findFirst();
    }
}
