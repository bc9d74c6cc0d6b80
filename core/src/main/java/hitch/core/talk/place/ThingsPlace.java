package hitch.core.talk.place;

import hitch.core.finding.FindingKind;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Note;
import hitch.core.note.NoteReader;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A place that is said behind the thing that is there, so that nothing begins with it. */
final class ThingsPlace {
    /** At most four words that begin a sentence, and a comma behind them: "Crack, forty-six, all the way round". */
    private static final Pattern NAMED_FIRST =
            Pattern.compile("(?:^|[.!?]\\s+)((?:[A-Za-z-]+ ){0,3}[A-Za-z-]+),\\s*(?:at |about )?$");
    /** A whole sentence but for its place: "And there's the clay, sixteen." */
    private static final Pattern SENTENCE =
            Pattern.compile("(?:^|[.!?]\\s+)([^.!?]{3,90}),\\s*(?:at |about |right at )?$");

    private static final Pattern ENDS = Pattern.compile("\\s*(?:(?:feet|foot)\\b)?\\s*(?:[.!?]|$)");
    /** So far back a sentence is looked for, characters. */
    private static final int BACK = 96;

    private static final String CLAIM = "There is a ";

    private ThingsPlace() {}

    static boolean is(PlaceSaid said, String text, NoteReader reader) {
        if (!said.bare()) {
            return false;
        }
        String before = text.substring(Math.max(0, said.start() - BACK), said.start());
        Matcher first = NAMED_FIRST.matcher(before);
        if (first.find() && names(reader.read(CLAIM + first.group(1), LengthUnit.FEET))) {
            return true;
        }
        Matcher sentence = SENTENCE.matcher(before);
        if (!ENDS.matcher(text).region(said.end(), text.length()).lookingAt() || !sentence.find()) {
            return false;
        }
        Note note = reader.read(sentence.group(1), LengthUnit.FEET);
        return names(note) || !note.pipes().isEmpty();
    }

    private static boolean names(Note note) {
        return note.drafts().stream().anyMatch(d -> d.kind().family() != FindingKind.Family.TOLD);
    }
}
