package hitch.core.parcel;

import hitch.core.disclosure.Disclosure;
import hitch.core.exchange.FindingRow;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Shot;
import hitch.core.story.Story;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** Fingerprints of what one recipient is told, each by what it is about, by which a parcel knows that the record has changed since. */
public final class Told {
    private static final String FINDING = "finding ";
    private static final String WORDS = "words ";
    private static final int SHORT = 12;

    private Told() {}

    /** Of the record as it is, and of the film at its full length. */
    public static Map<String, String> of(Disclosure may) {
        Report report = Report.of(may);
        Map<String, String> told = new LinkedHashMap<>();
        for (FindingRow row : report.findings()) {
            told.put(FINDING + row.id(), mark(row));
        }
        told.put("the visit", mark(report.property(), report.facts()));
        told.put("what it comes to", mark(report.comesTo()));
        told.put("what to do", mark(report.asks()));
        told.put("the pipe", mark(report.pipe(), report.joints()));
        told.put("what was not seen", mark(report.unseen()));
        told.put("photographs", mark(report.photos()));
        told.put("the house rules", mark(report.rules()));
        Story story = ScriptWriter.write(may);
        for (Shot shot : story.shots()) {
            told.put(WORDS + shot.key(), mark(shot.title(), shot.narration(), shot.written(), shot.shown()));
        }
        told.put(
                "what is hidden",
                mark(story.shots().stream()
                        .flatMap(s -> s.shown().stream())
                        .map(f -> may.keptBack().hidden(f.clip()))
                        .toList()));
        return told;
    }

    private static String mark(Object... of) {
        return Marks.of(List.of(of).toString()).substring(0, SHORT);
    }

    /**
     * What differs between what was told and what is so now, in words: {@code 2 findings, what to do, the words of 3 shots}.
     * Empty where nothing does.
     */
    public static List<String> changed(Map<String, String> was, Map<String, String> is) {
        int findings = 0;
        int shots = 0;
        List<String> other = new ArrayList<>();
        TreeSet<String> all = new TreeSet<>(was.keySet());
        all.addAll(is.keySet());
        for (String about : all) {
            if (was.getOrDefault(about, "").equals(is.getOrDefault(about, ""))) {
                continue;
            }
            if (about.startsWith(FINDING)) {
                findings++;
            } else if (about.startsWith(WORDS)) {
                shots++;
            } else {
                other.add(about);
            }
        }
        List<String> words = new ArrayList<>();
        if (findings > 0) {
            words.add(findings == 1 ? "1 finding" : findings + " findings");
        }
        words.addAll(other);
        if (shots > 0) {
            words.add(shots == 1 ? "1 shot of the film" : shots + " shots of the film");
        }
        return List.copyOf(words);
    }

    /** Which findings differ, by their ids. */
    public static List<String> findings(Map<String, String> was, Map<String, String> is) {
        TreeSet<String> all = new TreeSet<>(was.keySet());
        all.addAll(is.keySet());
        return all.stream()
                .filter(a -> a.startsWith(FINDING))
                .filter(a -> !was.getOrDefault(a, "").equals(is.getOrDefault(a, "")))
                .map(a -> a.substring(FINDING.length()))
                .toList();
    }
}
