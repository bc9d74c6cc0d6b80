package hitch.core.talk.place;

import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;

/** Whether a number stands by itself, so that what follows is told of that place, or is a part of what is told. */
final class StandsAlone {
    private static final Set<String> AT = Row.words("at around @");

    private static final Set<String> SMALL = Row.words(
            "okay ok so and now alright right then about well yeah yep here im were coming back again roughly "
                    + " call it says going by that thats is gone almost just go on come see past we are approximately");

    private static final Set<String> LEADING = Row.words("about approximately thats that's its it's is now");

    private static final Set<String> GOES_ON =
            Row.words("and then so okay ok alright now i i'm im we we're but there there's theres going first next");

    private static final Set<String> ANEW = Row.words("there theres here heres now were im its");

    /** So many words before a number and behind it tell whether the text has signs there. */
    private static final int ABOUT = 8;

    private static final Set<String> WORK = Row.words("dig fix repair replace line reline patch excavate");

    static final Set<String> FROM = Row.words("from between");

    static final Set<String> ON_TO = Row.words("out on up down clear");

    private final Row row;
    private final boolean signs;

    /** @param signs whether the text has signs where sentences end */
    StandsAlone(Row row, boolean signs) {
        this.row = row;
        this.signs = signs;
    }

    /** Whether words say nothing of their own, but lead to a place: "okay so at". */
    static boolean isLead(String words) {
        return Stream.of(words.toLowerCase(Locale.ROOT)
                        .replaceAll("[^a-z ]", "")
                        .strip()
                        .split("\\s+"))
                .allMatch(w -> w.isEmpty() || SMALL.contains(w) || LEADING.contains(w) || AT.contains(w));
    }

    /**
     * Whether it does.
     *
     * @param i the number
     * @param next what stands behind it and its unit
     */
    boolean is(int i, int next) {
        return !isAt(wordBefore(i))
                && !row.is(wordBefore(i), FROM)
                && !isToBeWorkedOn(i)
                && before(i)
                && (signs(i)
                        ? edge(next) || beginsAnew(next) || row.at(i).isDecimal() || isFigureThatLeads(i)
                        : !endsWhatWasSaid(i, next));
    }

    /** "..., 24 roots": figures with which a part begins, as ears write down a place that was said by itself. */
    boolean isFigureThatLeads(int i) {
        return row.at(i).isFigures() && (hardBefore(i) || row.at(i - 1).text().equals(","));
    }

    /** Whether there are signs about a number; what ears wrote down has them here and there. */
    boolean signs(int i) {
        return signs && row.hasSignsAbout(i, ABOUT);
    }

    /** "There's a wye on my right that's nine and a half, and": without signs, such words before it and behind it end a statement with it. */
    private boolean endsWhatWasSaid(int i, int next) {
        boolean last = row.at(next).text().equals(".") && !beginsIt(i);
        return last || row.is(wordBefore(i), LEADING) && row.is(next, GOES_ON);
    }

    /** Whether nothing but small words stand between the end of a statement and a number, or what leads to it. */
    boolean beginsIt(int i) {
        int at = i - 1;
        while (row.is(at, SMALL) || row.isSound(at)) {
            at--;
        }
        return row.at(at).text().equals(".") || row.at(at).isNumber();
    }

    /** "Forty and there's the tap": what follows is a statement of its own. */
    boolean beginsAnew(int next) {
        return row.at(next).text().equals("and") && row.is(next + 1, ANEW);
    }

    /** The word before, past commas and sounds of thinking. */
    int wordBefore(int i) {
        int at = i - 1;
        while (row.isSound(at) || row.at(at).text().equals(",")) {
            at--;
        }
        return at;
    }

    /** "At", but for "all around" and "all the way around". */
    boolean isAt(int i) {
        return row.is(i, AT) && !row.at(wordBefore(i)).text().matches("all|way");
    }

    /** "Dig up thirty-five": the place of what is to be done, and nothing is told there. */
    private boolean isToBeWorkedOn(int i) {
        int verb = row.is(i - 1, ON_TO) ? i - 2 : i - 1;
        return row.is(verb, WORK);
    }

    boolean edge(int i) {
        return row.at(i).isSign() && !row.at(i).text().matches("[/#$%\"-]") || row.isSound(i);
    }

    /** Whether a sentence begins with it, but for small words. */
    boolean hardBefore(int i) {
        int at = i - 1;
        int small = 0;
        while (row.is(at, SMALL) && small < 4) {
            at--;
            small++;
        }
        return edge(at) && !row.at(at).text().equals(",") || !signs(i) && small > 0;
    }

    boolean before(int i) {
        return beforeStretch(i) || row.at(i).isDecimal();
    }

    /** The same of two numbers: "repair recommended 40.2 to 52.2" is one statement. */
    boolean beforeStretch(int i) {
        return hardBefore(i) || !signs(i) || row.at(i - 1).text().equals(",");
    }
}
