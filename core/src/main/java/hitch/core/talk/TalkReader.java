package hitch.core.talk;

import hitch.core.finding.FindingKind;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.Note;
import hitch.core.note.NoteReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Reads captions into drafts. Captions are cut by the clock, not by the sense, so those that belong together are joined
 * first: up to the end of a sentence where there are signs, and over a dangling word ("roots at") where there are none.
 */
public final class TalkReader {
    private static final double PAUSE_S = 2.5;
    private static final int LONGEST = 600;
    private static final Set<String> DANGLING = Set.of(
            "at",
            "from",
            "to",
            "the",
            "a",
            "an",
            "of",
            "about",
            "around",
            "and",
            "between",
            "with",
            "is",
            "for",
            "in",
            "on",
            "point",
            "through",
            "by",
            "approximately",
            "like",
            "or",
            "no",
            "inch",
            "half",
            "some",
            "theres",
            "there's",
            "we",
            "near",
            "hundred",
            "its",
            "it's");
    private static final Set<String> LEANING = Set.of(
            "feet", "foot", "inches", "inch", "point", "o'clock", "percent", "of", "at", "to", "and", "deep",
            "through");

    private static final Pattern ENDS =
            Pattern.compile("\\b(?:ends?|stops|out of the (?:water|belly|sag|dip)|levels out|clears up)\\b");

    private final NoteReader reader;
    private final LengthUnit unit;

    public TalkReader(NoteReader reader, LengthUnit unit) {
        this.reader = reader;
        this.unit = unit;
    }

    /** What was said in {@code cues}, given in order of time. */
    public Spoken.All read(List<Cue> cues) {
        List<Spoken> drafts = new ArrayList<>();
        List<Spoken.PipeSaid> pipes = new ArrayList<>();
        boolean signs = hasSigns(cues);
        int i = 0;
        while (i < cues.size()) {
            int end = i + 1;
            int length = cues.get(i).text().length();
            while (end < cues.size() && length < LONGEST && belongs(cues.get(end - 1), cues.get(end), signs)) {
                length += cues.get(end).text().length() + 1;
                end++;
            }
            read(cues, i, end, drafts, pipes);
            i = end;
        }
        return new Spoken.All(drafts, pipes);
    }

    private void read(List<Cue> cues, int from, int to, List<Spoken> drafts, List<Spoken.PipeSaid> pipes) {
        StringBuilder text = new StringBuilder();
        int[] starts = new int[to - from];
        for (int i = from; i < to; i++) {
            text.append(text.isEmpty() ? "" : " ");
            starts[i - from] = text.length();
            text.append(cues.get(i).text());
        }
        Optional<Draft> last = lastFinding(drafts);
        Note note = reader.hear(text.toString(), unit, last);
        note.pipes().forEach(p -> pipes.add(new Spoken.PipeSaid(cues.get(from).start(), p, text.toString())));
        if (note.drafts().isEmpty()) {
            addOn(text.toString(), cues.get(from), drafts);
        }
        int number = 0;
        for (Draft draft : note.drafts()) {
            int cue = from;
            while (cue + 1 < to && starts[cue + 1 - from] <= draft.start()) {
                cue++;
            }
            String key = cue + "-" + number++;
            end(new Spoken(key, cues.get(cue).start(), draft), drafts);
        }
    }

    /** A sentence without a matter of its own may add to what was said just before: "that is at 42". */
    private void addOn(String text, Cue cue, List<Spoken> drafts) {
        if (drafts.isEmpty() || cue.start() - drafts.getLast().seconds() > 12) {
            return;
        }
        Spoken last = drafts.getLast();
        Draft more = reader.goOn(text, unit, last.draft());
        if (!more.equals(last.draft())) {
            drafts.set(drafts.size() - 1, new Spoken(last.key(), last.seconds(), more));
        }
    }

    /** "The belly ends at 44" closes the stretch that was opened before. */
    private static void end(Spoken spoken, List<Spoken> drafts) {
        Draft draft = spoken.draft();
        boolean ends =
                ENDS.matcher(draft.wording().toLowerCase(java.util.Locale.ROOT)).find();
        boolean water = draft.kind() == FindingKind.STANDING_WATER || draft.kind() == FindingKind.UNDER_WATER;
        if (ends && draft.place().map(Draft.Place::isPoint).orElse(false)) {
            for (int i = drafts.size() - 1; i >= 0 && i >= drafts.size() - 8; i--) {
                Draft open = drafts.get(i).draft();
                boolean same = open.matter() == draft.matter() || water && open.kind() == FindingKind.STANDING_WATER;
                if (same && open.place().map(Draft.Place::isPoint).orElse(false)) {
                    Draft.Place whole = Draft.Place.between(
                            open.place().get().from(), draft.place().get().to());
                    drafts.set(
                            i,
                            new Spoken(
                                    drafts.get(i).key(),
                                    drafts.get(i).seconds(),
                                    open.corrected(Optional.of(whole), draft.traits())));
                    return;
                }
            }
        }
        drafts.add(spoken);
    }

    private static Optional<Draft> lastFinding(List<Spoken> drafts) {
        for (int i = drafts.size() - 1; i >= 0; i--) {
            if (drafts.get(i).draft().matter() instanceof FindingKind k && k.family() != FindingKind.Family.TOLD) {
                return Optional.of(drafts.get(i).draft());
            }
        }
        return Optional.empty();
    }

    private static boolean hasSigns(List<Cue> cues) {
        long ended = cues.stream().filter(c -> endsSentence(c.text())).count();
        return ended * 4 >= cues.size();
    }

    private static boolean endsSentence(String text) {
        return text.endsWith(".") || text.endsWith("!") || text.endsWith("?");
    }

    private static boolean belongs(Cue first, Cue second, boolean signs) {
        if (second.start() - first.end() > PAUSE_S || endsSentence(first.text())) {
            return false;
        }
        String[] before = first.text().toLowerCase(java.util.Locale.ROOT).split("[\\s,]+");
        String[] after = second.text().toLowerCase(java.util.Locale.ROOT).split("[\\s,.]+");
        boolean dangling = before.length > 0 && DANGLING.contains(before[before.length - 1]);
        boolean leaning = after.length > 0 && LEANING.contains(after[0]);
        boolean goesOn = signs
                && !second.text().isEmpty()
                && !Character.isUpperCase(second.text().charAt(0));
        return dangling || leaning || goesOn;
    }
}
