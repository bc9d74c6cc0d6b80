package hitch.core.survey;

/** How well a stretch of pipe was seen, best first. */
public enum Look {
    WELL("seen well"),
    POORLY("seen poorly"),
    UNDER_WATER("only under water"),
    NOT_LOOKED("not looked at"),
    NOT_REACHED("not reached");

    private final String word;

    Look(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    Look better(Look other) {
        return compareTo(other) <= 0 ? this : other;
    }
}
