package hitch.core.talk;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import hitch.core.note.Topics;
import hitch.core.note.grammar.Gist;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a sentence states by its turn of phrase, as it stands in {@code statements.txt} and, along a run, in {@code in-passing.txt}. */
final class Statements {
    /**
     * A matter that is stated.
     *
     * @param at where the words begin that state it
     */
    record Stated(Topic matter, Certainty certainty, int at) {}

    private enum Says {
        SEEN,
        RULED_OUT,
        NOT_CLAIMED
    }

    private record Rule(Topic matter, Says says, Optional<Pattern> after, Pattern words, Gist gist) {
        /** Where the words stand that say it: a rule that looks over the whole sentence first has them at its end. */
        int at(Matcher found) {
            return words.pattern().startsWith("^(?!") ? Math.max(0, found.end() - 1) : found.start();
        }

        Rule(Topic matter, Says says, Optional<Pattern> after, Pattern words) {
            this(matter, says, after, words, Gist.of(words));
        }

        /** Where a sentence has the words. */
        Optional<Matcher> in(String text) {
            return gist.mayBeIn(text) ? Optional.of(words.matcher(text)).filter(Matcher::find) : Optional.empty();
        }

        /** "Not pushed home": what is found is that something is not so. */
        boolean tellsByNot() {
            return NOT.matcher(words.pattern().replace("'?", "'")).find();
        }

        boolean follows(String before) {
            return after.isEmpty() || after.get().matcher(before).find();
        }

        boolean isTold() {
            return Statements.isTold(matter);
        }
    }

    /** A sentence of pipes in general, or of what may be, finds nothing in this one. */
    private static final Pattern GENERAL = Pattern.compile(
            "\\b(?:if (?:you|there|it|they|we|roots|the)|never|usually|normally|generally|typically"
                    + "|always|whenever|people|folks|supposed to|you(?:'d| would) want|should you|when you|loves?|would have been|most of the time)\\b");

    private static final Pattern NOT =
            Pattern.compile("\\b(?:no|not|isn'?t|aren'?t|without|any|never|nothing|don'?t|doesn'?t)\\b");
    /** A denial stands so near before the words, characters. */
    private static final int NEAR = 16;

    private static final List<Rule> RULES = read("statements.txt");
    private static final Statements ANYWHERE = new Statements(RULES);
    private static final Statements ALONG_A_RUN = new Statements(
            Stream.concat(RULES.stream(), read("in-passing.txt").stream()).toList());

    private final List<Rule> stating;
    private final Map<Topic, List<Rule>> notClaimed;

    private Statements(List<Rule> rules) {
        stating = rules.stream().filter(r -> r.says() != Says.NOT_CLAIMED).toList();
        notClaimed =
                rules.stream().filter(r -> r.says() == Says.NOT_CLAIMED).collect(Collectors.groupingBy(Rule::matter));
    }

    /** @param along whether it is known where the camera is, so that a few words are enough */
    static Statements where(boolean along) {
        return along ? ALONG_A_RUN : ANYWHERE;
    }

    /**
     * Everything that a sentence states, each matter once.
     *
     * @param before what was said in the last minute, lower case
     */
    List<Stated> in(String sentence, String before) {
        String text = plain(sentence);
        boolean general = GENERAL.matcher(text).find();
        List<Stated> stated = new ArrayList<>();
        for (Rule rule : stating) {
            boolean ruledOut = rule.says() == Says.RULED_OUT;
            boolean known = stated.stream().anyMatch(s -> s.matter().equals(rule.matter()));
            if (known && !ruledOut || general && !rule.isTold()) {
                continue;
            }
            Optional<Matcher> words = rule.in(text);
            boolean says = words.isPresent()
                    && !isDenied(rule, text, words.get())
                    && rule.follows(before)
                    && isClaimed(rule.matter(), text);
            if (says) {
                stated.removeIf(s -> s.matter().equals(rule.matter()));
                stated.add(new Stated(
                        rule.matter(), ruledOut ? Certainty.RULED_OUT : Certainty.SEEN, rule.at(words.get())));
            }
        }
        return stated;
    }

    /** What a sentence states by a turn of phrase that tells it anywhere, and not only behind a place. */
    static Set<Topic> anywhere(String sentence) {
        return ANYWHERE.in(sentence, "").stream().map(Stated::matter).collect(Collectors.toSet());
    }

    /** Whether a sentence may state a matter for all that is known of such turns of phrase: it is neither general nor denied. */
    boolean mayState(Topic matter, String sentence) {
        String text = plain(sentence);
        boolean asserted = isTold(matter)
                || !GENERAL.matcher(text).find() && !NOT.matcher(text).find();
        return asserted && isClaimed(matter, sentence);
    }

    /** Whether it is of the visit, and of nothing in the pipe; a limit is told by what is not seen. */
    private static boolean isTold(Topic matter) {
        return !(matter instanceof FindingKind kind)
                || kind.family() == FindingKind.Family.TOLD
                || kind.family() == FindingKind.Family.LIMIT
                || kind == FindingKind.REMARK;
    }

    private static String plain(String sentence) {
        return sentence.toLowerCase(Locale.ROOT).replace('\u2019', '\'');
    }

    /** "No roots in that one": the words are there, the thing is not. */
    private static boolean isDenied(Rule rule, String text, Matcher words) {
        boolean found = rule.matter() instanceof FindingKind kind
                && (kind.family() == FindingKind.Family.CONDITION || kind.family() == FindingKind.Family.WATER);
        return found
                && rule.says() == Says.SEEN
                && NOT.matcher(text.substring(
                                Math.max(0, words.start() - NEAR), rule.tellsByNot() ? words.start() : words.end()))
                        .find();
    }

    /** Whether nothing in a sentence tells that it only speaks of a matter. */
    boolean isClaimed(Topic matter, String sentence) {
        String text = plain(sentence);
        return notClaimed.getOrDefault(matter, List.of()).stream()
                .noneMatch(r -> r.in(text).isPresent());
    }

    private static List<Rule> read(String file) {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(Statements.class.getResourceAsStream(file)), StandardCharsets.UTF_8))) {
            return lines.lines()
                    .filter(l -> !l.isBlank() && !l.startsWith("#"))
                    .map(Statements::rule)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Rule rule(String line) {
        int colon = line.indexOf(": ");
        String name = line.substring(0, colon);
        Says says = name.startsWith("!") ? Says.NOT_CLAIMED : name.startsWith("no ") ? Says.RULED_OUT : Says.SEEN;
        int after = name.indexOf(" ~");
        String word = (after < 0 ? name : name.substring(0, after)).replaceFirst("^(?:!|no )", "");
        Optional<Pattern> context =
                after < 0 ? Optional.empty() : Optional.of(Pattern.compile(name.substring(after + 2)));
        return new Rule(Topics.named(word), says, context, Pattern.compile(anyApostrophe(line.substring(colon + 2))));
    }

    /** Machines leave apostrophes out: {@code theres}, {@code cant}. */
    private static String anyApostrophe(String words) {
        return words.replaceAll("'(?!\\?)", "'?");
    }
}
