package hitch.core.talk;

import hitch.core.finding.ClockPosition;
import hitch.core.talk.place.HourNumbers;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A side of the pipe as it is said: left, right, top, bottom. What is left over, right now, or left of a house is none. */
final class SideWords {
    private static final String NAMES = "(left|right|top|bottom|invert|crown)";
    private static final Pattern SIDE =
            Pattern.compile("\\b(?:(?:on|to|from|along|off|over|at) (?:the|your|our|my) (?:upper |lower )?" + NAMES
                    + "(?! (?:of way|of the (?:house|building|walk|screen|stack|riser|vent|drop|cleanout|fitting|tee|hill)))"
                    + "|" + NAMES + " (?:side|wall|hand|half)(?! of the (?:house|building|picture|screen))"
                    + "|(?:up|the|it'?s|and|over the|across the|along the|whole|down the|in the|along|both|roots|crack|heavy|light|fine|hairline|medium)[, ]+"
                    + NAMES
                    + "(?! (?:here|now|there|at|before|after|away|up|next|by|above|behind|back|over|off|along|across|against|on|in|of|to|down|through|round|around|where|under|past|beside))"
                    + "|(?:up|on) (top)(?! of)|(?:across|along|over) the (top|bottom)(?! of the (?:house|hill|stairs|screen))"
                    + "|(top|bottom)(?:'?s| is| has)?(?: been)? (?:coming down|caved|caving|sagging|flattened|rotted|worn|missing|cracked|gone)"
                    + "|^[\\s,.]*" + NAMES + "(?= ?[,.]|$)|, (?:upper |lower )?" + NAMES + "(?= ?[,.]|$))\\b");
    private static final Pattern OTHER = Pattern.compile(
            "\\b(?:all|alright|what'?s|is|are|was|ten|years|feet|foot|be|that'?s|looks?|came|comes) (?:left|right)\\b");

    /** What turns, or comes in, says its side without a word before it. */
    private static final Pattern TURN = Pattern.compile(
            "\\b(?:(?:tie ?-?ins?|wye|tee|tap|service|lateral|branch|connection|inlet|bend|turn|elbow|ninety|forty ?-?five|sweep|degrees?|deflects|deviates|inclines),? (?:coming in |in |goes |going |to the |on the )?"
                    + "|(?:goes|going|turns?|turning|bends?|bending|comes back|coming back|swings?|hooks?|jogs?) (?:off |back )?(?:to the )?)"
                    + "(left|right)\\b");

    private static final Pattern OF_THE_PIPE = Pattern.compile(
            "\\b(?:whole (top|bottom)|(top|bottom|crown|invert)(?: half)? of the (?:pipe|clay|line|iron|bell|hub|joint|plastic|concrete))\\b");

    private static final Pattern SIDES = Pattern.compile("\\b(?:on|down|along|up) (?:the|both|its) sides\\b");

    private static final Pattern ENTRY = Pattern.compile(
            "\\b(?:come|comes|coming|came|enter|enters|entering|tie|ties|tied|drop|drops|goes|going)(?: in| into it| out)?,? (?:uh,? |um,? )*(?:at|on|from|near|in|through)(?: its)? the "
                    + NAMES + "\\b(?! of the house)");
    private static final List<String> HOURS =
            List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
    private static final Pattern HOUR = Pattern.compile("\\bover,? (?:at|to|by|around),? (" + String.join("|", HOURS)
            + ")\\b(?![ -](?:feet|foot|point|and|inch|inches))");

    private static final Pattern HOUR_THERE =
            Pattern.compile("^[^.!?]{0,64}?\\b(?!(?:" + String.join("|", HourNumbers.NO_THINGS)
                    + ")\\b)[a-z-]+ at (" + String.join("|", HOURS)
                    + "|1[0-2]|[1-9])\\b(?! ?(?:feet|foot|ft|point|and a|\\.\\d|percent|inch|o'?clock))");

    private static final Pattern CLOCK =
            Pattern.compile("\\b(" + String.join("|", HOURS) + "|1[0-2]|[1-9])[ -]o'?clock\\b");
    private static final Pattern FROM_ABOVE = Pattern.compile(
            "\\b(?:from (?:above|overhead|up top|straight up)|(?:in|comes|coming|drops|dropping|joint) (?:up high|overhead|up top)|down on (?:the )?top)\\b");
    /** "There's a pipe coming in right." */
    private static final Pattern COMES_IN =
            Pattern.compile("\\b(?:com(?:es|ing) in|enters|entering|joins|in) (left|right)(?=\\s*(?:[.,]|$))");

    private static final Pattern FLOOR = Pattern.compile(
            "\\bfloor of the (?:pipe|line)\\b|\\b(?:on|along|in) the floor(?=\\s*(?:[.,]|$|and\\b|maybe\\b|of the (?:pipe|line)))|\\bunderneath[.\\s]*$");

    private static final Pattern PUT_RIGHT = Pattern.compile(
            "\\b(?:left|right|top|bottom)\\b.{0,12}[,.] (?:no|sorry|wait|rather|i mean)\\b[,. ]+(?:(?:no|sorry|wait|i mean)[,. ]+)?(?:it'?s |that'?s |on |the |our |your )*(left|right|top|bottom)\\b");

    private SideWords() {}

    /** Where a pipe comes into the main. */
    static Optional<ClockPosition> ofEntry(String sentence) {
        return at(ENTRY.matcher(sentence.toLowerCase(Locale.ROOT)));
    }

    /** "Over at two": an hour without the clock. */
    static Optional<ClockPosition> ofHour(String sentence) {
        Matcher hour = HOUR.matcher(sentence.toLowerCase(Locale.ROOT));
        return hour.find() ? Optional.of(ClockPosition.at(HOURS.indexOf(hour.group(1)) + 1)) : Optional.empty();
    }

    /** The side that is spoken of last in some words. */
    static Optional<ClockPosition> last(String words) {
        Matcher side =
                SIDE.matcher(OTHER.matcher(words.toLowerCase(Locale.ROOT)).replaceAll(" "));
        Optional<ClockPosition> last = Optional.empty();
        Optional<ClockPosition> next = at(side);
        while (next.isPresent()) {
            last = next;
            next = at(side);
        }
        return last;
    }

    /** Where something turns to, or comes in from. */
    static Optional<ClockPosition> ofTurn(String sentence) {
        return at(TURN.matcher(sentence.toLowerCase(Locale.ROOT)));
    }

    /** Where a pipe comes in: "lateral at ten o'clock", "tap left", "the sink drops in from above". */
    static Optional<ClockPosition> ofTieIn(String sentence) {
        String text = sentence.toLowerCase(Locale.ROOT);
        return ofTurn(text)
                .or(() -> ofClock(text))
                .or(() -> in(text))
                .or(() -> at(COMES_IN.matcher(text)))
                .or(() -> ofAbove(text));
    }

    /** "Lateral at ten", "wall pushed in at three", when its place is told already. */
    static Optional<ClockPosition> ofHourThere(String sentence) {
        return hour(HOUR_THERE.matcher(sentence.toLowerCase(Locale.ROOT)));
    }

    private static Optional<ClockPosition> ofClock(String text) {
        return hour(CLOCK.matcher(text));
    }

    private static Optional<ClockPosition> hour(Matcher hour) {
        if (!hour.find()) {
            return Optional.empty();
        }
        int said = HOURS.indexOf(hour.group(1)) + 1;
        return Optional.of(ClockPosition.at(said > 0 ? said : Integer.parseInt(hour.group(1))));
    }

    /** What part of the pipe itself is spoken of: its whole top, the bottom of the clay, its sides. */
    static Optional<ClockPosition> ofThePipe(String sentence) {
        String text = sentence.toLowerCase(Locale.ROOT);
        if (SIDES.matcher(text).find()) {
            return Optional.of(ClockPosition.BOTH_SIDES);
        }
        return at(OF_THE_PIPE.matcher(text))
                .or(() -> FLOOR.matcher(text).find() ? Optional.of(ClockPosition.at(6)) : Optional.empty())
                .or(() -> ofAbove(text));
    }

    /** "Roots, coming from above". */
    private static Optional<ClockPosition> ofAbove(String text) {
        return FROM_ABOVE.matcher(text).find() ? Optional.of(ClockPosition.at(12)) : Optional.empty();
    }

    static Optional<ClockPosition> in(String sentence) {
        String text = putRight(sentence.toLowerCase(Locale.ROOT));
        Matcher side = SIDE.matcher(OTHER.matcher(text).replaceAll(" "));
        return at(side).or(() -> ofHour(text));
    }

    /** "On our right now. No, left": the words from where they are put right. */
    private static String putRight(String text) {
        Matcher again = PUT_RIGHT.matcher(text);
        return again.find() ? "on the " + text.substring(again.start(1)) : text;
    }

    private static Optional<ClockPosition> at(Matcher side) {
        if (!side.find()) {
            return Optional.empty();
        }
        String name = "";
        for (int i = 1; i <= side.groupCount(); i++) {
            name = side.group(i) == null ? name : side.group(i);
        }
        return Optional.of(ClockPosition.at(
                switch (name) {
                    case "left" -> 9;
                    case "right" -> 3;
                    case "top", "crown" -> 12;
                    default -> 6;
                }));
    }
}
