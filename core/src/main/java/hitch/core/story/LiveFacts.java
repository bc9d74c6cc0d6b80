package hitch.core.story;

import hitch.core.disclosure.Disclosure;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Inches;
import hitch.core.story.words.Grammar;
import hitch.core.survey.PlaceWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Facts inside words. What the record knows of a shot is kept in a person's words as a field, {@code {F9.station|17.9 ft}}, and told as the
 * record has it by then. A fact that is known no longer is told as it was when it was written.
 *
 * @param facts what can be a field in this shot, by name
 */
public record LiveFacts(Map<String, String> facts) {
    private static final Pattern FIELD = Pattern.compile("\\{([\\p{L}0-9.:-]+)\\|([^{}|]*)}");

    /** Where a fact stands in words: from a letter to before another. */
    public record Span(int from, int to, String name) {}

    /** The facts of a shot, as its recipient may know them. */
    public static LiveFacts of(Shot shot, Disclosure may) {
        Map<String, String> facts = new LinkedHashMap<>();
        about(shot)
                .forEach(id -> may.findings().stream()
                        .filter(f -> f.finding().id().equals(id))
                        .findFirst()
                        .ifPresent(f -> ofFinding(f, may, facts)));
        if (shot.key().startsWith(hitch.core.job.OwnShot.KEYS)) {
            shot.shown().stream()
                    .findFirst()
                    .flatMap(may::placeAt)
                    .ifPresent(p -> put(facts, "frame.station", p.distance()));
        }
        put(facts, "job.property", may.facts().property());
        if (Grammar.isDate(may.facts().inspectedOn())) {
            put(facts, "job.date", Grammar.date(may.facts().inspectedOn()));
        }
        may.reached().ifPresent(e -> put(facts, "line.length", may.unit().show(e.length())));
        return new LiveFacts(facts);
    }

    /** The findings that a shot is about. */
    public static List<FindingId> about(Shot shot) {
        return switch (shot) {
            case FindingShot f -> List.of(f.finding());
            case EvidenceShot e -> List.of(e.finding());
            case SideBySideShot s ->
                s.panels().stream().map(SideBySideShot.Panel::finding).toList();
            case MapShot m -> m.finding().stream().toList();
            default -> List.of();
        };
    }

    /** The facts of one finding, by name. */
    static Map<String, String> ofFinding(LocatedFinding found, Disclosure may) {
        Map<String, String> facts = new LinkedHashMap<>();
        ofFinding(found, may, facts);
        return facts;
    }

    private static void ofFinding(LocatedFinding found, Disclosure may, Map<String, String> facts) {
        Finding f = found.finding();
        String name = f.id() + ".";
        put(facts, name + "station", may.place(found).map(PlaceWords::distance).orElse(""));
        put(facts, name + "size", f.traits().size().map(Inches::show).orElse(""));
        put(facts, name + "share", f.traits().share().map(s -> s + " %").orElse(""));
    }

    private static void put(Map<String, String> facts, String name, String text) {
        // What is but a letter or two stands in words by chance.
        if (text.length() > 2) {
            facts.put(name, text);
        }
    }

    /** Where facts stand in words, in order; the longest of those that begin at one place. */
    public List<Span> in(String words) {
        List<Map.Entry<String, String>> longest = facts.entrySet().stream()
                .sorted(Comparator.comparingInt(
                        (Map.Entry<String, String> e) -> -e.getValue().length()))
                .toList();
        List<Span> spans = new ArrayList<>();
        for (int at = 0; at < words.length(); at++) {
            int here = at;
            Optional<Span> found = longest.stream()
                    .filter(e -> stands(e.getValue(), words, here))
                    .map(e -> new Span(here, here + e.getValue().length(), e.getKey()))
                    .findFirst();
            if (found.isPresent()) {
                spans.add(found.get());
                at = found.get().to() - 1;
            }
        }
        return spans;
    }

    private static boolean stands(String text, String words, int at) {
        int to = at + text.length();
        return words.startsWith(text, at)
                && (at == 0 || !isWord(words.charAt(at - 1)) && words.charAt(at - 1) != '.')
                && (to == words.length() || !isWord(words.charAt(to)));
    }

    private static boolean isWord(char c) {
        return Character.isLetterOrDigit(c);
    }

    /** Typed words as they are kept: facts in them as fields. */
    public String kept(String typed) {
        // A brace of one's own would be read as a field.
        String plain = typed.replace('{', '(').replace('}', ')');
        StringBuilder kept = new StringBuilder();
        int done = 0;
        for (Span span : in(plain)) {
            kept.append(plain, done, span.from())
                    .append('{')
                    .append(span.name())
                    .append('|')
                    .append(plain, span.from(), span.to())
                    .append('}');
            done = span.to();
        }
        return kept.append(plain, done, plain.length()).toString();
    }

    /** Kept words as they are told now. */
    public String told(String kept) {
        return FIELD.matcher(kept)
                .replaceAll(m -> Matcher.quoteReplacement(facts.getOrDefault(m.group(1), m.group(2))));
    }

    /** Kept words as they were when they were written. */
    public static String asWritten(String kept) {
        return FIELD.matcher(kept).replaceAll(m -> Matcher.quoteReplacement(m.group(2)));
    }
}
