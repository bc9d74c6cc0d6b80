package hitch.desk.task;

/** How much a long work matters to whoever sits there; the first goes first. */
public enum Rank {
    /** Somebody waits for it at the screen: a counter, a clip taken in, an evidence clip. */
    AWAITED,
    /** Asked for, and nobody waits: a delivery. */
    ASKED,
    /** Nobody asked; it is begun again when the job is next opened. Never two of these at once. */
    QUIET;

    /** Whether leaving the job while it runs has to be asked about. */
    public boolean isMissed() {
        return this != QUIET;
    }
}
