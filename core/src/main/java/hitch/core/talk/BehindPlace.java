package hitch.core.talk;

import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.Note;
import hitch.core.note.NoteReader;
import hitch.core.pipe.Wall;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a few words claim that stand right behind a place, and by themselves would claim nothing. */
final class BehindPlace {
    private static final String CLAIM = "There is ";
    private static final String CHANGE = "Goes to ";
    /** A pipe and no more takes so many words. */
    private static final int PIPE_WORDS = 3;
    /** "Five feet, nice plastic": what it is like, not what it becomes. */
    private static final Pattern PRAISED =
            Pattern.compile("\\b(?i:nice|good|clean|pretty|great|smooth|decent|solid|still|all)\\b");

    private static final Pattern IS_NOW = Pattern.compile(
            "(?:^[\\s,.]*|\\b(?:it'?s|we'?re in|(?:and )?then) )(?:the |an? |some |old |new |original |four[- ]inch |six[- ]inch )*(clay|cast iron|cast|plastic|pvc|abs|concrete)\\b(?!,? (?:side|joint|bell|still|all|repair|patch|piece|pipe))");

    /** The thing is named so early behind a place, characters. */
    private static final int FIRST_WORDS = 24;

    private final NoteReader reader;
    private final LengthUnit unit;

    BehindPlace(NoteReader reader, LengthUnit unit) {
        this.reader = reader;
        this.unit = unit;
    }

    /**
     * "Nineteen feet, cast iron", where it was another pipe before.
     *
     * @param before the wall that was told last
     * @param first whether no pipe was told before it
     */
    boolean isOtherPipe(Note note, Optional<Wall> before, boolean first) {
        String sentence = bare(note.wording())
                .replaceFirst("[.!?].*", "")
                .replaceFirst("^(?i)(?:and |now |okay )*(?:it'?s|we'?re in|that'?s) ", "");
        boolean bare = sentence.replaceAll("[^A-Za-z ]", "").strip().split("\\s+").length <= PIPE_WORDS;
        Optional<Wall> here =
                note.pipes().stream().flatMap(p -> p.wall().stream()).findFirst();
        boolean praised = first && PRAISED.matcher(note.wording()).find();
        return bare && here.isPresent() && !here.equals(before) && !praised;
    }

    /**
     * "Outside, it's clay, and there's a gap", where it was another pipe before: the change beside what else is found there.
     *
     * @param before the wall that was told last
     */
    Note besides(Note note, Optional<Wall> before, Optional<Draft> last) {
        Matcher pipe = IS_NOW.matcher(note.wording().toLowerCase(Locale.ROOT));
        boolean changes = note.drafts().stream().anyMatch(d -> d.matter() == FindingKind.MATERIAL_CHANGE);
        if (changes || before.isEmpty() || !pipe.find()) {
            return note;
        }
        Note heard = reader.hear(CHANGE + pipe.group(1), unit, last);
        boolean other = heard.drafts().stream()
                .flatMap(d -> d.traits().after().wall().stream())
                .anyMatch(w -> !before.get().equals(w));
        if (!other) {
            return note;
        }
        List<Draft> both = new ArrayList<>(note.drafts());
        heard.drafts().stream()
                .map(d -> d.saidAs(note.wording().strip(), pipe.start(1)))
                .forEach(both::add);
        return new Note(note.wording(), both, note.pipes(), note.remark(), note.chips());
    }

    /** The pipe that is named, as one that begins here. */
    Note changed(Note note, Optional<Draft> last) {
        return with(note, reader.hear(CHANGE + bare(note.wording()), unit, last).drafts(), CHANGE);
    }

    /** A word that names a thing claims it: "Thirteen. Grease along the bottom." */
    Note claimed(Note note, Optional<Draft> last) {
        List<Draft> claimed = reader.hear(CLAIM + bare(note.wording()), unit, last).drafts().stream()
                .filter(d -> d.kind().family() != Family.TOLD && d.start() < CLAIM.length() + FIRST_WORDS)
                .toList();
        return with(note, claimed, CLAIM);
    }

    private static String bare(String words) {
        return words.replaceFirst(Following.LEADING_SIGNS, "");
    }

    /** @param before what was put before the bare words */
    private static Note with(Note note, List<Draft> drafts, String before) {
        int signs = note.wording().length() - bare(note.wording()).length();
        return new Note(
                note.wording(),
                drafts.stream()
                        .map(d -> d.saidAs(note.wording().strip(), Math.max(0, d.start() - before.length() + signs)))
                        .toList(),
                note.pipes(),
                note.remark(),
                note.chips());
    }
}
