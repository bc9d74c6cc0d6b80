package hitch.store.journal;

import hitch.core.job.Deed;
import hitch.core.job.Entry;
import hitch.store.journal.JournalLine.Heights;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Counts the edits that stand and those taken back, and tells by them what a line that cannot be read must have been. */
final class Stack {
    /** How the words of a damaged change begin. */
    static final String DAMAGED = "damaged: ";

    private static final String A_CHANGE = "a change";
    private static final Pattern EDIT = Pattern.compile("\"edit\":\"([a-z-]{3,30})\"");
    private static final Pattern FINDING = Pattern.compile("\"(F\\d{1,6})\"");

    private int standing;
    private int takenBack;

    void then(Entry entry) {
        switch (entry) {
            case Entry.Did did -> done();
            case Entry.Lost lost -> done();
            case Entry.Handed handed -> {}
            case Entry.Undid undid -> {
                if (standing > 0) {
                    standing--;
                    takenBack++;
                }
            }
            case Entry.Redid redid -> {
                if (takenBack > 0) {
                    standing++;
                    takenBack--;
                }
            }
        }
    }

    private void done() {
        standing++;
        takenBack = 0;
    }

    /**
     * What {@code gap} entries may have been.
     *
     * @param fragments what is left of them, in order; may be fewer or more
     * @param then the heights after them, where the next line tells
     */
    List<Entry> guessed(long gap, List<String> fragments, Optional<Heights> then) {
        List<Entry> byWords = new ArrayList<>();
        for (int i = 0; i < gap; i++) {
            byWords.add(i < fragments.size() ? hinted(fragments.get(i)) : new Entry.Lost(DAMAGED + A_CHANGE));
        }
        if (then.isEmpty() || after(byWords).equals(then.get())) {
            return byWords;
        }
        return byHeights(gap, byWords, then.get());
    }

    private Heights after(List<Entry> entries) {
        Stack copy = new Stack();
        copy.standing = standing;
        copy.takenBack = takenBack;
        entries.forEach(copy::then);
        return new Heights(copy.standing, copy.takenBack);
    }

    private List<Entry> byHeights(long gap, List<Entry> byWords, Heights then) {
        int rise = then.standing() - standing;
        List<Entry> entries = new ArrayList<>();
        // With nothing new done, what stands and what was taken back are as many together as before.
        boolean nothingNew = then.standing() + then.takenBack() == standing + takenBack;
        for (int i = 0; i < gap; i++) {
            Entry lost = byWords.get(i) instanceof Entry.Lost known ? known : new Entry.Lost(DAMAGED + A_CHANGE);
            if (rise < 0) {
                entries.add(new Entry.Undid());
                rise++;
            } else if (rise > 0) {
                entries.add(nothingNew ? new Entry.Redid() : lost);
                rise--;
            } else if (i + 1 < gap) {
                // Up and down again, so that the heights come out.
                entries.add(lost);
                rise--;
            } else {
                // Nothing but a handing over leaves the heights as they are.
                entries.add(nothingNew ? handed() : lost);
            }
        }
        return entries;
    }

    private static Entry handed() {
        return new Entry.Handed(new Deed.Lost(DAMAGED + "something was handed over"));
    }

    private static Entry hinted(String fragment) {
        if (fragment.contains("\"undid\"")) {
            return new Entry.Undid();
        }
        if (fragment.contains("\"redid\"")) {
            return new Entry.Redid();
        }
        if (fragment.contains("\"handed\"")) {
            return handed();
        }
        Matcher edit = EDIT.matcher(fragment);
        Matcher finding = FINDING.matcher(fragment);
        String what = edit.find() ? EditNames.words(edit.group(1)) : A_CHANGE;
        return new Entry.Lost(DAMAGED + what + (finding.find() ? ", about " + finding.group(1) : ""));
    }
}
