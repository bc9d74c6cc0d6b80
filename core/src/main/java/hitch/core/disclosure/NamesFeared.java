package hitch.core.disclosure;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Words of a free text that may be somebody's name: what stands behind a title, what says or asks for something, and what
 * has a capital in the middle of a sentence and names no street, month or stuff. Better one too many: it is asked about, not cut.
 */
final class NamesFeared {
    private static final Pattern WORD = Pattern.compile("\\p{L}[\\p{L}'’-]*");

    private static final Set<String> TITLES = Set.of(
            "mr", "mrs", "ms", "miss", "mister", "dr", "doctor", "madam", "sir", "señor", "señora", "frau", "herr");

    private static final Set<String> SAYING = Set.of(
            "says",
            "said",
            "told",
            "thinks",
            "thought",
            "mentioned",
            "mentions",
            "reported",
            "reports",
            "wants",
            "wanted",
            "asked",
            "asks",
            "noticed",
            "remembers",
            "complained",
            "complains",
            "called",
            "insists");

    /** What says something and is no name. */
    private static final Set<String> ROLES = Set.of(
            ("owner homeowner owners tenant tenants client buyer buyers seller agent realtor plumber plumbers technician "
                            + "tech neighbour neighbor neighbours neighbors inspector operator reviewer he she they it we i you "
                            + "who nobody someone somebody everybody anyone which that this there what wife husband son daughter "
                            + "mother father lady man woman people kids family map maps record records report note notes sign "
                            + "label city town district county contractor roofer manager landlord janitor caretaker as was is "
                            + "were been being be so also just then not never had has have caller previous last next counter "
                            + "locator crew guy company firm one all both and or")
                    .split(" "));

    /** What makes a street of the word before it. */
    private static final Set<String> STREETS = Set.of(
            ("street st avenue ave lane ln road rd drive dr court ct way place pl boulevard blvd alley terrace close "
                            + "crescent square park hill highway bridge school church hall building house")
                    .split(" "));

    /** Words that are written with a capital and name nobody. */
    private static final Set<String> OTHERS = Set.of(
            ("january february march april may june july august september october november december jan feb mar apr jun "
                            + "jul aug sep sept oct nov dec monday tuesday wednesday thursday friday saturday sunday north south "
                            + "east west northeast northwest southeast southwest english spanish i hitch ok orangeburg portland "
                            + "teflon plexiglas christmas easter")
                    .split(" "));

    private final Set<String> known;

    /**
     * @param known texts of which every word is known to be no secret: the address, the town, the firm
     */
    NamesFeared(List<String> known) {
        this.known = new LinkedHashSet<>(OTHERS);
        for (String text : known) {
            Matcher word = WORD.matcher(text);
            while (word.find()) {
                this.known.add(word.group().toLowerCase(Locale.ROOT));
            }
        }
    }

    private record Word(String text, boolean first, String before) {
        String low() {
            return text.toLowerCase(Locale.ROOT);
        }

        /** A capital and small letters behind it, which no short form of a stuff has. */
        boolean isCapital() {
            return text.length() > 1
                    && Character.isUpperCase(text.charAt(0))
                    && text.chars().skip(1).anyMatch(Character::isLowerCase);
        }
    }

    /** The names there may be in a text, each once, in order. */
    List<String> in(String text) {
        return in(text, true);
    }

    /**
     * @param sentence whether the text begins like a sentence, with a capital that says nothing; a list of people does not
     */
    List<String> in(String text, boolean sentence) {
        List<Word> words = words(text, sentence);
        Set<String> found = new LinkedHashSet<>();
        for (int i = 0; i < words.size(); i++) {
            if (isName(words, i, sentence)) {
                StringBuilder name = new StringBuilder(words.get(i).text());
                while (i + 1 < words.size() && isMore(words.get(i + 1), sentence)) {
                    name.append(' ').append(words.get(++i).text());
                }
                found.add(name.toString().replaceAll("['’]s$", ""));
            }
        }
        return List.copyOf(found);
    }

    private static List<Word> words(String text, boolean sentence) {
        List<Word> words = new ArrayList<>();
        Matcher word = WORD.matcher(text);
        int end = 0;
        while (word.find()) {
            String between = text.substring(end, word.start());
            boolean title = !words.isEmpty() && TITLES.contains(words.getLast().low());
            boolean first = words.isEmpty() ? sentence : !title && between.matches("(?s).*[.!?:;\\n].*");
            words.add(new Word(word.group(), first, between));
            end = word.end();
        }
        return words;
    }

    private boolean isName(List<Word> words, int at, boolean streets) {
        Word word = words.get(at);
        String low = word.low().replaceAll("['’]s$", "");
        if (known.contains(low) || TITLES.contains(low) || streets && STREETS.contains(low)) {
            return false;
        }
        boolean titled = at > 0
                && TITLES.contains(words.get(at - 1).low())
                && !words.get(at).before().isEmpty();
        boolean says = at + 1 < words.size()
                && SAYING.contains(words.get(at + 1).low())
                && !ROLES.contains(low)
                && !words.get(at + 1).first()
                && low.length() > 2
                && (word.isCapital() || at == 0 || !isArticle(words.get(at - 1).low()));
        boolean street = streets
                && at + 1 < words.size()
                && STREETS.contains(words.get(at + 1).low());
        boolean two = word.first() && at + 1 < words.size() && isMore(words.get(at + 1), streets) && word.isCapital();
        boolean capital = word.isCapital() && !street && (!word.first() || two);
        return titled && word.isCapital() || says && !street || capital && !ROLES.contains(low);
    }

    private static boolean isArticle(String word) {
        return Set.of("the", "a", "an", "this", "that", "his", "her", "their", "our", "my")
                .contains(word);
    }

    /** Whether a word goes on with the name before it. */
    private boolean isMore(Word word, boolean streets) {
        return word.isCapital()
                && !word.first()
                && word.before().matches("[ .]+")
                && !known.contains(word.low())
                && !(streets && STREETS.contains(word.low()));
    }
}
