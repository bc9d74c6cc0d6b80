package hitch.core.note.grammar;

import hitch.core.note.Chip;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;

/** What of a note is understood, as chips, and what is left over. */
final class NoteRest {
    private final String note;
    private final BitSet taken = new BitSet();
    private final List<Chip> chips = new ArrayList<>();

    NoteRest(String note) {
        this.note = note;
    }

    void take(List<Chip> more) {
        for (Chip chip : more) {
            int from = Math.max(chip.start(), taken.previousSetBit(Math.max(0, chip.end() - 1)) + 1);
            int next = taken.nextSetBit(from);
            if (from < chip.end() && (next < 0 || next >= chip.end())) {
                chips.add(new Chip(chip.sort(), chip.label(), from, chip.end()));
                taken.set(from, chip.end());
            }
        }
    }

    List<Chip> chips() {
        return chips.stream().sorted(Comparator.comparingInt(Chip::start)).toList();
    }

    /** The untaken text, its gaps and loose commas closed. */
    String remark() {
        StringBuilder rest = new StringBuilder();
        for (int i = 0; i < note.length(); i++) {
            rest.append(taken.get(i) ? ' ' : note.charAt(i));
        }
        return rest.toString()
                .replaceAll("\\s+", " ")
                .replaceAll("(?:\\s?[,;])+", ",")
                .replaceAll("^[\\s,;.:]+|[\\s,;:]+$", "")
                .strip();
    }
}
