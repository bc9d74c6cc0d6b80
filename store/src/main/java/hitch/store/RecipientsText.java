package hitch.store;

import hitch.core.disclosure.Recipient;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** A firm's own kinds of recipients as a text: a line {@code word.part = value} for each part of each. */
final class RecipientsText {
    private static final String ABOUT = """
            # The firm's own kinds of recipients, besides those that come with Hitch. For each, by the word that names it:
            #   title    what it is called
            #   wants    what it wants to know
            #   part     whole, or public: from the owner's boundary on
            #   tone     owner, buyer or record
            #   people   whether it may know who lives there: yes or no
            #   advised  whether it is told what to do: yes or no
            """;

    private RecipientsText() {}

    /**
     * @throws IllegalArgumentException with a sentence naming what cannot be
     */
    static List<Recipient> parse(String text) {
        Map<String, Map<String, String>> parts = new LinkedHashMap<>();
        for (String line :
                text.lines().filter(l -> !l.isBlank() && !l.startsWith("#")).toList()) {
            int equals = line.indexOf('=');
            int dot = line.indexOf('.');
            if (dot < 1 || equals < dot) {
                throw new IllegalArgumentException(
                        "\"" + line + "\" is no line such as \"neighbour.title = Neighbour\".");
            }
            parts.computeIfAbsent(line.substring(0, dot).strip(), w -> new LinkedHashMap<>())
                    .put(
                            line.substring(dot + 1, equals).strip(),
                            line.substring(equals + 1).strip());
        }
        List<Recipient> all = new ArrayList<>(Recipient.STANDARD);
        parts.forEach((word, its) -> all.add(recipient(word, its)));
        return List.copyOf(all);
    }

    private static Recipient recipient(String word, Map<String, String> its) {
        return new Recipient(
                word,
                its.getOrDefault("title", word),
                its.getOrDefault("wants", ""),
                choice(word, "part", its, Recipient.Part.class),
                choice(word, "tone", its, Recipient.Tone.class),
                yes(word, "people", its),
                yes(word, "advised", its));
    }

    private static <E extends Enum<E>> E choice(String word, String part, Map<String, String> its, Class<E> all) {
        String said = its.getOrDefault(part, "");
        for (E one : all.getEnumConstants()) {
            if (one.name().equalsIgnoreCase(said)) {
                return one;
            }
        }
        throw new IllegalArgumentException("The " + part + " of " + word + " is one of "
                + String.join(
                        ", ",
                        java.util.Arrays.stream(all.getEnumConstants())
                                .map(e -> e.name().toLowerCase(Locale.ROOT))
                                .toList())
                + ", not \"" + said + "\".");
    }

    private static boolean yes(String word, String part, Map<String, String> its) {
        String said = its.getOrDefault(part, "");
        if (said.equals("yes") || said.equals("no")) {
            return said.equals("yes");
        }
        // Whoever may see what is never decided by a slip of the pen.
        throw new IllegalArgumentException(word + "." + part + " is yes or no, not \"" + said + "\".");
    }

    static String write(List<Recipient> recipients) {
        StringBuilder text = new StringBuilder(ABOUT);
        for (Recipient r : recipients) {
            if (Recipient.STANDARD.contains(r)) {
                continue;
            }
            text.append('\n');
            line(text, r, "title", r.title());
            line(text, r, "wants", r.wants());
            line(text, r, "part", r.part().name().toLowerCase(Locale.ROOT));
            line(text, r, "tone", r.tone().name().toLowerCase(Locale.ROOT));
            line(text, r, "people", r.people() ? "yes" : "no");
            line(text, r, "advised", r.advised() ? "yes" : "no");
        }
        return text.toString();
    }

    private static void line(StringBuilder text, Recipient of, String part, String value) {
        text.append(of.word())
                .append('.')
                .append(part)
                .append(" = ")
                .append(value)
                .append('\n');
    }
}
