package hitch.store.journal;

import hitch.core.job.Entry;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What was done to a job, by whom and when, to be read by a person. */
public final class HistoryText {
    /**
     * One line of it.
     *
     * @param number counts the entries from 1
     * @param at when, ISO instant; blank where that is not known
     * @param by who; blank likewise
     * @param what in words, such as {@code add roots} or {@code take back: add roots}
     * @param stands whether it holds now: it was not taken back, and is no taking back itself
     */
    public record Line(long number, String at, String by, String what, boolean stands) {
        @Override
        public String toString() {
            return String.join(
                    "\t",
                    String.valueOf(number),
                    at.isBlank() ? "not known when" : at,
                    by.isBlank() ? "not known by whom" : by,
                    what + (stands ? "" : " (does not stand)"));
        }
    }

    private record Step(int place, String words) {}

    private final List<Step> done = new ArrayList<>();
    private final List<Step> undone = new ArrayList<>();
    private final Map<Integer, String> said = new HashMap<>();

    private final Set<Integer> handedOver = new HashSet<>();

    private HistoryText() {}

    static List<Line> of(List<JournalLine> lines) {
        HistoryText text = new HistoryText();
        for (int i = 0; i < lines.size(); i++) {
            text.take(i, lines.get(i).entry());
        }
        Set<Integer> standing = new HashSet<>(text.handedOver);
        text.done.forEach(s -> standing.add(s.place()));
        List<Line> told = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            JournalLine line = lines.get(i);
            told.add(new Line(line.number(), line.at(), line.by(), text.said.get(i), standing.contains(i)));
        }
        return told;
    }

    private void take(int place, Entry entry) {
        switch (entry) {
            case Entry.Did did -> done(place, did.edit().words());
            case Entry.Lost lost -> done(place, lost.words());
            case Entry.Handed handed -> {
                said.put(place, handed.deed().words());
                handedOver.add(place);
            }
            case Entry.Undid undid -> {
                Step step = done.isEmpty() ? null : done.removeLast();
                said.put(place, step == null ? "take back, where there was nothing" : "take back: " + step.words());
                if (step != null) {
                    undone.add(step);
                }
            }
            case Entry.Redid redid -> {
                Step step = undone.isEmpty() ? null : undone.removeLast();
                said.put(place, step == null ? "do again, where there was nothing" : "do again: " + step.words());
                if (step != null) {
                    done.add(step);
                }
            }
        }
    }

    private void done(int place, String words) {
        said.put(place, words);
        done.add(new Step(place, words));
        undone.clear();
    }
}
