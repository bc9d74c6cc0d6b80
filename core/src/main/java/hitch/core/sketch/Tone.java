package hitch.core.sketch;

/** What a colour stands for; light and dark drawings give it theirs. */
public enum Tone {
    PAPER,
    CARD,
    EDGE,
    INK,
    SOFT,
    ROPE,
    COPPER,
    WATER,
    GROUND,
    EARTH
}
