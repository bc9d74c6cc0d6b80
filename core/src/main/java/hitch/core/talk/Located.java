package hitch.core.talk;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.NoteReader;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Of which thing a locate is: "I'm going to pull back and locate that hole. Okay, it's four foot six." */
final class Located {
    /** So much of what was said before is of it, seconds. */
    static final double SOON_S = 45;

    private static final Pattern NAMED = Pattern.compile(
            "\\b(?:locat(?:e|ed|ing)|mark on|mark(?:ed|ing)?|find|back (?:to|at)|stop(?:ped)? at|sitting (?:on|at)|park(?:ed)? (?:on|at)|right at|over) (?:that|the|this|our) (?:\\w+ )?"
                    + "(hole|crack|break|roots?|offset|gap|belly|sag|dip|step|tap|wye|tie.?in|blockage|lip)\\b");

    private final NoteReader reader;
    private final LengthUnit unit;

    Located(NoteReader reader, LengthUnit unit) {
        this.reader = reader;
        this.unit = unit;
    }

    /**
     * The place of the thing that is named.
     *
     * @param lately what was said just before and with it
     * @param drafts what was found so far
     */
    Optional<Draft.Place> place(String lately, double seconds, List<Spoken> drafts) {
        Matcher named = NAMED.matcher(lately.toLowerCase(Locale.ROOT));
        String noun = "";
        while (named.find()) {
            noun = named.group(1);
        }
        if (noun.isEmpty()) {
            return Optional.empty();
        }
        Optional<FindingKind> kind =
                reader.hear("There is a " + noun + " here.", unit, Optional.empty()).drafts().stream()
                        .map(Draft::kind)
                        .findFirst();
        return drafts.stream()
                .map(Spoken::draft)
                .filter(d -> kind.isPresent()
                        && d.kind().broad() == kind.get().broad()
                        && d.certainty() != Certainty.RULED_OUT
                        && d.place().isPresent())
                .reduce((a, b) -> b)
                .flatMap(Draft::place)
                .map(p -> new Draft.Place(p.from(), p.from()));
    }
}
