package hitch.core.rules;

import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.pipe.Material;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/**
 * House rules as a text that a person reads and edits: a line {@code name = number unit} for each rule, its reason in the
 * lines above it. A rule that a text leaves out stands as shipped.
 */
public final class RulesText {
    private static final String FALL = "depths.fall-from-";
    private static final String WEAK = "care.weak-from-";
    private static final String WORD = "words.";

    /** The shipped text, whose reasons every other text repeats. */
    private static final String SHIPPED = shipped();

    private final Map<String, String> lines;

    private RulesText(Map<String, String> lines) {
        this.lines = lines;
    }

    private static String shipped() {
        try (InputStream file = RulesText.class.getResourceAsStream("house-rules.txt")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new IllegalStateException("the house rules are missing from the program", e);
        }
    }

    /** The rules that come with the program. */
    static HouseRules standard() {
        return new RulesText(read(SHIPPED)).rules();
    }

    /**
     * Reads rules that a person may have edited.
     *
     * @throws IllegalArgumentException with a sentence naming the line that cannot be
     */
    public static HouseRules parse(String text) {
        Map<String, String> lines = read(SHIPPED);
        Map<String, String> own = read(text);
        for (String name : own.keySet()) {
            boolean known =
                    lines.containsKey(name) || name.startsWith(WORD) || name.startsWith(FALL) || name.startsWith(WEAK);
            if (!known) {
                throw new IllegalArgumentException("There is no house rule \"" + name + "\".");
            }
        }
        lines.putAll(own);
        return new RulesText(lines).rules();
    }

    private static Map<String, String> read(String text) {
        Map<String, String> lines = new LinkedHashMap<>();
        int number = 0;
        for (String line : text.lines().toList()) {
            number++;
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            int equals = line.indexOf('=');
            if (equals < 1) {
                throw new IllegalArgumentException(
                        "Line " + number + " is no rule such as \"care.between-cleanings = 12 months\": " + line);
            }
            lines.put(
                    line.substring(0, equals).strip(),
                    line.substring(equals + 1).strip());
        }
        return lines;
    }

    /** Each rule by its name, as {@code number unit}. */
    public static Map<String, String> lines(HouseRules rules) {
        Map<String, String> lines = new LinkedHashMap<>();
        WeighingRules weighing = rules.weighing();
        lines.put("weighing.roots-to-mend", weighing.rootShareToMend() + " %");
        lines.put("weighing.offset-to-tend", inches(weighing.offsetToTend()));
        lines.put("weighing.offset-to-mend", inches(weighing.offsetToMend()));
        lines.put("weighing.water-to-tend", feet(weighing.waterToTend()));
        lines.put("care.between-cleanings", rules.care().monthsBetweenCleanings() + " months");
        new TreeMap<>(rules.care().weakFrom()).forEach((m, years) -> lines.put(WEAK + key(m.word()), years + " years"));
        lines.put("showing.before", plain(rules.showing().before()) + " s");
        lines.put("showing.after", plain(rules.showing().after()) + " s");
        LineRules line = rules.line();
        lines.put(
                "ownership.reach", line.owners().name().toLowerCase(Locale.ROOT).replace('_', '-'));
        lines.put("seeing.fastest", feet(line.seeing().fastest()));
        lines.put("seeing.back-preferred", line.seeing().backPreferred() ? "yes" : "no");
        lines.put("openings.every", feet(line.openings().every()));
        lines.put("openings.bend", line.openings().bend() + " degrees");
        lines.put("tools.reach", feet(line.tools().reach()));
        lines.put("tools.bend", line.tools().bend() + " degrees");
        new TreeMap<>(line.depths().falls()).forEach((from, fall) -> lines.put(FALL + from, plain(fall) + " in/ft"));
        lines.put("depths.locator-error", inches(line.depths().locatorError()));
        lines.put("depths.locator-share", plain(100 * line.depths().locatorShare()) + " %");
        lines.put("depths.bedding", inches(line.depths().bedding()));
        new TreeMap<>(rules.words()).forEach((word, kind) -> lines.put(WORD + word, kind.word()));
        return lines;
    }

    /** The rules as a text, each with the shipped reason above it. */
    public static String write(HouseRules rules) {
        Map<String, String> left = lines(rules);
        List<String> text = new ArrayList<>();
        for (String line : SHIPPED.lines().toList()) {
            int equals = line.indexOf('=');
            if (line.startsWith("#") || equals < 1) {
                text.add(line);
                continue;
            }
            String name = line.substring(0, equals).strip();
            String value = left.remove(name);
            text.add(name + " = " + (value == null ? "none" : value));
        }
        left.forEach((name, value) -> text.add(name + " = " + value));
        return String.join("\n", text) + "\n";
    }

    private HouseRules rules() {
        return new HouseRules(
                new WeighingRules(
                        (int) number("weighing.roots-to-mend", "%"),
                        length("weighing.offset-to-tend"),
                        length("weighing.offset-to-mend"),
                        length("weighing.water-to-tend")),
                new CareRules((int) number("care.between-cleanings", "months"), weakFrom()),
                new ShowingRules(number("showing.before", "s"), number("showing.after", "s")),
                words(),
                new LineRules(
                        new OwnerRules(owners()),
                        new SeeingRules(
                                length("seeing.fastest"),
                                text("seeing.back-preferred").equals("yes")),
                        new OpeningRules(length("openings.every"), (int) number("openings.bend", "degrees")),
                        new ToolRules(length("tools.reach"), (int) number("tools.bend", "degrees")),
                        new DepthRules(
                                falls(),
                                length("depths.locator-error"),
                                number("depths.locator-share", "%") / 100,
                                length("depths.bedding"))));
    }

    private OwnersReach owners() {
        String said = text("ownership.reach");
        return Arrays.stream(OwnersReach.values())
                .filter(o -> key(o.name()).replace('_', '-').equals(said))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("The house rule ownership.reach is to-the-main, "
                        + "to-the-curb, to-the-sidewalk or to-the-property-line, not \"" + said + "\"."));
    }

    private Map<Material, Integer> weakFrom() {
        Map<Material, Integer> years = new EnumMap<>(Material.class);
        for (Material material : Material.values()) {
            String name = WEAK + key(material.word());
            if (lines.containsKey(name) && !text(name).equals("none")) {
                years.put(material, (int) number(name, "years"));
            }
        }
        return years;
    }

    private Map<Integer, Double> falls() {
        Map<Integer, Double> falls = new TreeMap<>();
        for (String name : lines.keySet()) {
            if (name.startsWith(FALL) && !text(name).equals("none")) {
                falls.put(Integer.valueOf(name.substring(FALL.length())), number(name, "in/ft"));
            }
        }
        return falls;
    }

    private WordRules words() {
        Map<String, FindingKind> words = new LinkedHashMap<>();
        for (String name : lines.keySet()) {
            if (name.startsWith(WORD)) {
                String kind = text(name);
                words.put(
                        name.substring(WORD.length()),
                        WordRules.kind(kind)
                                .orElseThrow(
                                        () -> new IllegalArgumentException("The word \"" + name.substring(WORD.length())
                                                + "\" names \"" + kind + "\", which is no kind of finding.")));
            }
        }
        return new WordRules(words);
    }

    private Distance length(String name) {
        return text(name).endsWith("in") ? Distance.inches(number(name, "in")) : Distance.feet(number(name, "ft"));
    }

    private double number(String name, String unit) {
        String text = text(name);
        try {
            if (text.endsWith(" " + unit)) {
                return Double.parseDouble(
                        text.substring(0, text.length() - unit.length()).strip());
            }
        } catch (NumberFormatException e) {
            // Told below, with what was meant.
        }
        throw new IllegalArgumentException(
                "The house rule " + name + " is a number of " + unit + ", not \"" + text + "\".");
    }

    private String text(String name) {
        String text = lines.get(name);
        if (text == null) {
            throw new IllegalStateException("there is no house rule " + name);
        }
        return text;
    }

    private static String key(String word) {
        return word.toLowerCase(Locale.ROOT).replace(' ', '-');
    }

    /** As few figures as give the same millimetre again. */
    private static String inches(Distance length) {
        return shortest(length, length.inInches(), Distance::inches) + " in";
    }

    private static String feet(Distance length) {
        return shortest(length, length.inFeet(), Distance::feet) + " ft";
    }

    private static String shortest(Distance length, double value, java.util.function.DoubleFunction<Distance> back) {
        for (int places = 0; places < 4; places++) {
            BigDecimal rounded = BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP);
            if (back.apply(rounded.doubleValue()).equals(length)) {
                return plain(rounded.doubleValue());
            }
        }
        return plain(value);
    }

    private static String plain(double value) {
        return BigDecimal.valueOf(value)
                .setScale(6, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
