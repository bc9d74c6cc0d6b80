package hitch.core.story;

/**
 * A sentence, and how much a shot needs it.
 *
 * @param rank 0 where the shot says nothing without it, 1 where it says more with it, 2 for what a short film leaves out first
 */
record Said(String sentence, int rank) {
    static final int NEEDED = 0;
    static final int MORE = 1;
    static final int EXTRA = 2;
}
