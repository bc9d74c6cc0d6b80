package hitch.core.talk.place;

import java.util.Set;

/** How likely a number is a place, by the words about it. */
final class PlaceWeight {
    /** What other numbers are followed by. */
    static final Set<String> OTHER_AFTER = Row.words(
            "inch inches mm cm mil millimetres millimeters centimetres centimeters tenths tenth percent % oclock degree degrees year years month months week weeks day days minute "
                    + " minutes min hour hours second seconds time times bath baths bathroom bathrooms bed beds bedroom "
                    + " bedrooms dollars gallon gallons pound pounds people guys story stories tooth blade x way ways of "
                    + " lengths sticks pieces places positions spots joints cleanouts toilets heads unit units "
                    + " hundred thousand street road lane avenue court drive crescent terrace row place close square cutter "
                    + " chain th st nd rd am pm size sided weigh psi fives fittings connections photos pictures "
                    + " footers lines pipes houses schedule o quarter quarters thirds thirty sixteen ninety "
                    + " forty sweeps els elbows wyes tees drops ones ");

    private static final Set<String> OTHER_BEFORE = Row.words(
            "depth job number unit building bldg block phase plot apartment lot suite ticket every each another than a an these those all both per "
                    + " schedule sdr minus plus $ # version model truck crew invoice order route highway "
                    + " other first last pick big little");

    /** Words after "feet" that make it a length or a distance from elsewhere. */
    private static final Set<String> LENGTH_AFTER = Row.words(
            "of long deep off from away left short apart past beyond further farther more over wide tall high up "
                    + " cable before after underground piece pieces section sections stick sticks lengths length ahead "
                    + " behind total down out back or outside inside under below above deeper square hose ladder pole reel "
                    + " upstream downstream stretch run drop riser to either each "
                    + " toward towards werent wasnt unseen");

    /** "A three foot crack" is so long; at "thirty feet crack on the top" one is. */
    private static final Set<String> AS_LONG = Row.words("belly sag crack");

    private static final Set<String> ONE = Row.words("a an another one this that the");

    /** "Thirty-five feet, belly starts": such a thing begins or ends there and is not so long. */
    private static final Set<String> BEGINS = Row.words("starts start begins begin ends end stops");

    /** "Forty-four feet, back to clay": what one comes to there. */
    private static final Set<String> INTO = Row.words("to in into on onto");

    /** What there is a second one of. */
    private static final Set<String> COUNTED = Row.words(
            "floor story bath bathroom kitchen unit joint hub bend elbow branch lateral connection tap wye one");

    private static final Set<String> COUNTER = Row.words("counter footage");

    private static final Set<String> READS = Row.words("reads says shows is");

    /** What was read off the counter is a place, whatever was passed before. */
    private static final double READING = 3;

    /** What is only announced is hardly where the camera is. */
    private static final double TO_COME = 2;

    /** Words between an announcement and its place. */
    private static final int SOON = 10;

    /** "I've marked forty-eight in the grass": the place is what was marked. */
    private static final Set<String> MARKED = Row.words("marked flagged staked located");

    private static final Set<String> LONG_THINGS =
            Row.words("sweep sweeping radius turn bend crack fracture split hair hairs root roots belly sag");

    private final Row row;
    private final StandsAlone about;

    PlaceWeight(Row row, StandsAlone about) {
        this.row = row;
        this.about = about;
    }

    /**
     * How likely a number is a place; 0 where it is none.
     *
     * @param i the number
     * @param next what stands behind it and its unit
     * @param unitAt what stands behind the unit, where inches follow
     * @param measured whether it has a unit
     */
    double of(int i, int next, int unitAt, boolean measured) {
        boolean edge = about.edge(next);
        // "Thirty feet, long sweep": the bend is long.
        boolean longThing = row.at(unitAt).text().equals("long") && row.is(unitAt + 1, LONG_THINGS);
        boolean asLong = row.is(unitAt, AS_LONG) && (row.at(i + 1).text().matches("foot|footer") || row.is(i - 1, ONE));
        boolean length = !longThing && (asLong || row.is(unitAt, LENGTH_AFTER)) && !about.edge(unitAt)
                || row.is(next, LENGTH_AFTER) && !about.edge(next);
        boolean goesOn = row.at(unitAt).text().matches("up|down")
                && (row.at(unitAt + 1).text().matches("it|there|theres|we|i|is|youve|you")
                        || row.at(unitAt + 1).text().equals("the")
                                && row.at(unitAt + 2).text().matches("line|pipe|run"));
        // "A thirty foot piece" is so long; at "thirty feet piece of the bell out" one is missing.
        boolean inFrom =
                row.at(unitAt).text().equals("in") && row.at(unitAt + 1).text().matches("from|off|of");
        boolean missing = row.at(i + 1).text().equals("feet")
                && !row.is(i - 1, ONE)
                && row.at(unitAt).text().equals("piece")
                && row.at(unitAt + 1).text().equals("of");
        boolean begins = missing
                || row.is(unitAt + 1, BEGINS)
                || row.at(unitAt).text().equals("out")
                        && (row.at(unitAt + 1).text().matches("of|through")
                                || row.at(unitAt + 1).text().equals(",") && about.hardBefore(i))
                || row.at(unitAt).text().equals("back") && row.is(unitAt + 1, INTO);
        // "Thirty foot, more roots": not so many feet more.
        boolean moreOf = row.at(unitAt).text().equals("more")
                && !about.edge(unitAt + 1)
                && !row.at(unitAt + 1).text().matches("of|to|and|than|before|until|till|or|feet|foot|if|pipe|cable");
        if (measured && (length || inFrom) && !goesOn && !begins && !moreOf) {
            return 0;
        }
        if (!(measured && moreOf)
                && row.at(next).text().matches("more|others|different")
                && row.at(i).value() < 10) {
            return 0;
        }
        boolean marked = row.is(i - 1, MARKED);
        boolean joined = row.at(next).text().equals("-") && row.is(next + 1, OTHER_AFTER);
        boolean others = joined
                || row.is(next, OTHER_AFTER) && !isSecond(next)
                || row.at(next).text().equals("in") && !about.edge(next + 1) && !marked
                || row.at(next).text().equals("deep");
        boolean either = row.at(next).text().equals("or")
                && row.at(next + 1).isNumber()
                && (row.is(next + 2, OTHER_AFTER) || row.at(next + 2).text().equals("-"));
        if (!measured && (others || either)) {
            return 0;
        }
        if (row.is(i - 1, OTHER_BEFORE) || row.at(i).value() >= 400 && !measured) {
            return 0;
        }
        double weight = about.signs(i) ? 0.6 : 1;
        weight += row.at(i).isDecimal() || about.isFigureThatLeads(i) ? 0.5 : 0;
        weight += about.hardBefore(i) ? 1.5 : 0;
        weight += edge && (about.signs(i) || !row.at(next).text().equals(".")) || about.beginsAnew(next) ? 1 : 0;
        weight += measured ? 1 : 0;
        int led = about.wordBefore(i);
        boolean at = about.isAt(led)
                || row.at(led).text().matches("about|approximately") && about.isAt(about.wordBefore(led));
        weight += at || marked || isGoneOnTo(i) ? 1.5 : 0;
        weight += isReading(led) ? READING : 0;
        weight -= isToCome(i) ? TO_COME : 0;
        weight += row.at(i).text().contains("half") ? 0.5 : 0;
        return weight;
    }

    /** "You'll see the next one at thirty-seven": the camera is not there yet. */
    private boolean isToCome(int i) {
        boolean next = row.at(i - 1).text().equals("at")
                && (row.at(i - 3).text().equals("next") || row.at(i - 2).text().equals("next"));
        for (int j = i - 3; next && j > i - SOON; j--) {
            if (row.at(j).text().matches("youll|well|theres|ill|should|will|expect")) {
                return true;
            }
        }
        return false;
    }

    /** "It goes on till twenty-six". */
    private boolean isGoneOnTo(int i) {
        return row.at(i - 1).text().matches("till|until")
                && row.at(i - 2).text().matches("on|along|out|runs|goes|lasts|continues|running");
    }

    /** "Twenty-two, second floor bath": the next of its kind, and no time. */
    private boolean isSecond(int i) {
        return row.at(i).text().equals("second") && row.is(i + 1, COUNTED);
    }

    /** "The counter reads eleven and a half." */
    private boolean isReading(int i) {
        return row.is(i, READS) && row.is(i - 1, COUNTER);
    }
}
