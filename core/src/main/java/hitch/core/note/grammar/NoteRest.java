package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import hitch.core.note.Chip;
import hitch.core.note.Draft;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What of a note is understood, as chips, and what of its text is delivered: the person's own words, without what the
 * chips say already. A chip takes whole words and phrases only. Where the words say more than the chip ("fine roots"
 * for roots, "likely from the willow" for a cause), they stay in the text as well; a connective that only joined what was taken goes with it.
 */
final class NoteRest {
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}][\\p{L}\\p{N}'\u2019./-]*");
    private static final Pattern JOINING =
            Pattern.compile("(?:(?:and|or|then|plus|also|&|\\+)(?=[\\s,;]|$)[\\s,;]*)+", Pattern.CASE_INSENSITIVE);
    /** A chip that says "with a cutter" has these words of the note in it. */
    private static final String WITH = "with ";

    private static final Pattern WITH_A = Pattern.compile("\\bwith(?: an?| the| our)?\\s+$", Pattern.CASE_INSENSITIVE);
    private static final int LONGEST_JOINING = 40;
    private static final String SEPARATING = ",;.:";

    private final String note;
    private final PlainWords plain;
    private final BitSet chipped = new BitSet();
    private final BitSet kept = new BitSet();
    private final List<Chip> chips = new ArrayList<>();

    NoteRest(String note, PlainWords plain) {
        this.note = note;
        this.plain = plain;
    }

    void take(List<Chip> more) {
        for (Chip chip : more) {
            int from = Math.max(chip.start(), chipped.previousSetBit(Math.max(0, chip.end() - 1)) + 1);
            int next = chipped.nextSetBit(from);
            if (from < chip.end() && (next < 0 || next >= chip.end())) {
                chips.add(new Chip(chip.sort(), chip.label(), from, chip.end()));
                chipped.set(from, chip.end());
                String words = note.substring(from, chip.end());
                boolean named = chip.sort() == Chip.Sort.KIND || chip.sort() == Chip.Sort.DETAIL;
                if (named && !plain.says(words, chip.label())) {
                    kept.set(from, chip.end());
                }
            }
        }
    }

    /** Settles what the text keeps, once all chips were taken. */
    void settle() {
        wholeWords();
        chips.sort(Comparator.comparingInt(Chip::start));
        for (int i = 0; i < chips.size(); i++) {
            int until = i + 1 < chips.size() ? chips.get(i + 1).start() : note.length();
            joinBehind(i, until);
            if (i + 1 < chips.size()) {
                joinBefore(i + 1, chips.get(i).end());
            }
        }
        if (!chips.isEmpty()) {
            joinBefore(0, 0);
        }
    }

    /** A word of which a chip has only a part stays in the text whole. */
    private void wholeWords() {
        Matcher word = WORD.matcher(note);
        while (word.find()) {
            int end = word.end();
            while (end > word.start() && ".-/'\u2019".indexOf(note.charAt(end - 1)) >= 0) {
                end--;
            }
            int taken = chipped.get(word.start(), end).cardinality();
            if (taken > 0 && taken < end - word.start()) {
                kept.set(word.start(), end);
            }
        }
    }

    /** Connectives right behind a chip go with it. */
    private void joinBehind(int chip, int until) {
        Chip at = chips.get(chip);
        int from = gap(at.end(), until);
        Matcher joining = JOINING.matcher(note).region(from, Math.min(until, from + LONGEST_JOINING));
        if (joining.lookingAt() && !chipped.get(Math.min(from, note.length()))) {
            int end = from + note.substring(from, joining.end()).stripTrailing().length();
            extend(chip, at.start(), end);
        }
    }

    /** Connectives right before a chip go with it. */
    private void joinBefore(int chip, int from) {
        Chip at = chips.get(chip);
        // No row of connectives is longer.
        int near = Math.max(from, at.start() - LONGEST_JOINING);
        Matcher joining = JOINING.matcher(note).region(near, at.start());
        int start = -1;
        while (joining.find()) {
            boolean wordStart = joining.start() == 0 || !Character.isLetterOrDigit(note.charAt(joining.start() - 1));
            if (wordStart && joining.end() == at.start()) {
                start = joining.start();
            }
        }
        if (start < 0 && at.label().startsWith(WITH) && !kept.get(at.start())) {
            Matcher with = WITH_A.matcher(note).region(near, at.start());
            start = with.find() ? with.start() : -1;
        }
        if (start >= 0) {
            extend(chip, start, at.end());
        }
    }

    private int gap(int from, int until) {
        int at = from;
        while (at < until && (Character.isWhitespace(note.charAt(at)) || SEPARATING.indexOf(note.charAt(at)) >= 0)) {
            at++;
        }
        return at;
    }

    private void extend(int chip, int start, int end) {
        Chip was = chips.get(chip);
        chips.set(chip, new Chip(was.sort(), was.label(), start, end));
        chipped.set(start, end);
    }

    List<Chip> chips() {
        return List.copyOf(chips);
    }

    /** The text that is left of all of the note. */
    String remark() {
        return remark(0, note.length());
    }

    /**
     * The text that is left for each draft: a word belongs to what is named in its part of the note. What is only done or
     * asked for keeps its part whole.
     */
    List<String> remarks(List<Draft> drafts) {
        List<String> remarks = new ArrayList<>();
        int from = 0;
        for (int i = 0; i < drafts.size(); i++) {
            boolean last = i + 1 == drafts.size();
            // The same thing at another place has the same words; they go to the last of them.
            int to = last ? note.length() : Math.max(from, begins(drafts, i + 1, from));
            boolean act = !(drafts.get(i).matter() instanceof FindingKind);
            remarks.add(act ? trimmed(note.substring(from, to)) : remark(from, to));
            from = to;
        }
        return remarks;
    }

    /** Where the part of the note begins that the next draft is named in; no farther than {@code from} for one named again. */
    private int begins(List<Draft> drafts, int next, int from) {
        int named = drafts.get(next).start();
        int before = Math.max(from, drafts.get(next - 1).start());
        if (named <= before) {
            return from;
        }
        int at = named;
        while (at > before && (chipped.get(at - 1) || !Character.isWhitespace(note.charAt(at - 1)))) {
            at--;
        }
        for (int separator = at - 1; separator > before; separator--) {
            boolean ends = Character.isWhitespace(note.charAt(separator + 1));
            if (ends && SEPARATING.indexOf(note.charAt(separator)) >= 0 && !chipped.get(separator)) {
                return separator + 1;
            }
        }
        return at;
    }

    private String remark(int from, int to) {
        StringBuilder rest = new StringBuilder();
        for (int i = from; i < to; i++) {
            rest.append(chipped.get(i) && !kept.get(i) ? ' ' : note.charAt(i));
        }
        return trimmed(rest.toString());
    }

    private static String trimmed(String text) {
        return text.isBlank()
                ? ""
                : text.replaceAll("\\s+", " ")
                        .replaceAll("[\\s,;]*[,;]", ",")
                        .replaceAll("^[\\s,;.:]+|[\\s,;:]+$", "")
                        .strip();
    }
}
