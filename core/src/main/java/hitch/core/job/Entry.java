package hitch.core.job;

/** One line of a job's journal. */
public sealed interface Entry {
    /** An edit was made. */
    record Did(Edit edit) implements Entry {}

    /** The last edit still standing was taken back. */
    record Undid() implements Entry {}

    /** The last edit taken back was made again. */
    record Redid() implements Entry {}

    /**
     * An edit was made that cannot be read. It changes nothing, and keeps its place: undo takes it back in its turn.
     *
     * @param words what is known of it, such as {@code made by a newer Hitch: hide-area}
     */
    record Lost(String words) implements Entry {}

    /** Something happened to what is handed over; no edit, and no undo reaches it. */
    record Handed(Deed deed) implements Entry {}
}
