package hitch.core.note;

import hitch.core.finding.Topic;

/** What a speaker does or asks for, rather than finds. */
public enum Act implements Topic {
    /** The counter was set to zero, or to what is said. */
    ZERO("zero"),
    /** A picture is wanted. */
    PHOTO("photo"),
    /** When it was last cleaned or looked at, or when it is to be again. */
    SERVICE("service");

    private final String word;

    Act(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
