package hitch.core.story.words;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Says things in the words of a phrase book. The ways of saying one thing take turns, in an order that hangs on a seed: the same seed, the same words. */
public final class Teller {
    private static final Pattern SLOT = Pattern.compile("\\{(\\p{L}+)}");

    private final PhraseBook book;
    private final String tone;
    private final long seed;
    private final Map<String, List<String>> orders = new HashMap<>();
    private final Map<String, Integer> turns = new HashMap<>();
    private final Set<String> once = new HashSet<>();

    /**
     * @param tone to whom: {@code owner}, {@code buyer} or {@code record}
     */
    public Teller(PhraseBook book, String tone, long seed) {
        this.book = book;
        this.tone = tone;
        this.seed = seed;
    }

    public PhraseBook book() {
        return book;
    }

    /** Whether there is anything to say under a heading. */
    public boolean has(String heading) {
        return !book.of(heading, tone).isEmpty();
    }

    /**
     * One way of saying it, filled in.
     *
     * @param slots what goes in: {@code place, 12 ft}; a slot with a capital begins a sentence
     * @throws IllegalArgumentException where a slot has nothing to go in
     */
    public String say(String heading, String... slots) {
        List<String> ways = orders.computeIfAbsent(heading, this::shuffled);
        if (ways.isEmpty()) {
            throw new IllegalArgumentException("nothing is said under [" + heading + "] to the " + tone);
        }
        int turn = turns.merge(heading, 1, Integer::sum) - 1;
        Map<String, String> filled = new HashMap<>();
        for (int i = 0; i < slots.length; i += 2) {
            filled.put(slots[i], slots[i + 1]);
        }
        return Grammar.tidy(SLOT.matcher(ways.get(turn % ways.size()))
                .replaceAll(m -> Matcher.quoteReplacement(slot(m.group(1), filled, heading))));
    }

    /** One of the ways that nothing is missing for, as it stands in the book; empty where there is none. */
    public Optional<String> fitting(String heading, Set<String> known) {
        List<String> ways = orders.computeIfAbsent(heading, this::shuffled).stream()
                .filter(w -> SLOT.matcher(w)
                        .results()
                        .allMatch(m -> known.contains(m.group(1).toLowerCase(Locale.ROOT))))
                .toList();
        return ways.isEmpty()
                ? Optional.empty()
                : Optional.of(ways.get((turns.merge(heading, 1, Integer::sum) - 1) % ways.size()));
    }

    /** A phrase filled in. */
    public static String filled(String phrase, Map<String, String> slots) {
        return Grammar.tidy(
                SLOT.matcher(phrase).replaceAll(m -> Matcher.quoteReplacement(slot(m.group(1), slots, phrase))));
    }

    /** The same, the first time only, and where there is something to say at all. */
    public Optional<String> once(String heading, String... slots) {
        return has(heading) && once.add(heading) ? Optional.of(say(heading, slots)) : Optional.empty();
    }

    private static String slot(String name, Map<String, String> filled, String heading) {
        String lower = name.toLowerCase(Locale.ROOT);
        String value = filled.get(name) != null ? filled.get(name) : filled.get(lower);
        if (value == null) {
            throw new IllegalArgumentException("[" + heading + "] asks for {" + name + "}, which is not told there");
        }
        return filled.get(name) == null && Character.isUpperCase(name.charAt(0)) ? Grammar.capital(value) : value;
    }

    private List<String> shuffled(String heading) {
        List<String> ways = new ArrayList<>(book.of(heading, tone));
        Collections.shuffle(ways, new Random(seed * 31 + heading.hashCode()));
        return ways;
    }
}
