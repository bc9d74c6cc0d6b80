package hitch.core.counter;

/** Who says what the counter shows. */
public enum MarkSource {
    /** A person; always right. */
    BY_HAND,
    /** The reader of pictures; gives way to a person and to its own next reading. */
    READ_OFF
}
