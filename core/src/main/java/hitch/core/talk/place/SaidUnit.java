package hitch.core.talk.place;

import hitch.core.measure.LengthUnit;
import java.util.Locale;
import java.util.regex.Pattern;

/** In which unit a speaker counts, whatever the job is kept in: "at three metres", and then "at seven point two". */
public final class SaidUnit {
    private static final Pattern METRES =
            Pattern.compile("\\bmet(?:re|er)s?\\b(?! (?:reads|box|pit|is|was))|(?<=\\d) ?m\\b");
    private static final Pattern FEET = Pattern.compile("\\b(?:feet|foot|ft)\\b");
    /** One alone may be a slip, or another thing's. */
    private static final long LEAST = 3;

    private SaidUnit() {}

    /** @param kept what numbers are read in where the speaker names no unit, or both */
    public static LengthUnit of(Transcript transcript, LengthUnit kept) {
        String text = transcript.text().toLowerCase(Locale.ROOT);
        long metres = METRES.matcher(text).results().count();
        long feet = FEET.matcher(text).results().count();
        if (metres >= LEAST && feet == 0) {
            return LengthUnit.METRES;
        }
        return feet >= LEAST && metres == 0 ? LengthUnit.FEET : kept;
    }
}
