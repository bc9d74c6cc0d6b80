package hitch.core.job;

/** One line of a job's journal. */
public sealed interface Entry {
    /** An edit was made. */
    record Did(Edit edit) implements Entry {}

    /** The last edit still standing was taken back. */
    record Undid() implements Entry {}

    /** The last edit taken back was made again. */
    record Redid() implements Entry {}
}
