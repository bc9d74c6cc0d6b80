package hitch.core.talk;

/** The words for what is wrong in a pipe by which it is spoken of once it is known: "that hole", "the low spot". */
final class Known {
    /** One of them, as part of a pattern. */
    static final String THINGS = "hole|crack|break|offset|gap|open joint|belly|sag|low spot|dip|step|lip|drop|blockage";

    private Known() {}
}
