package hitch.core.rules;

import hitch.core.finding.FindingKind;
import hitch.core.pipe.Material;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
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

    private final RuleLines lines;

    private RulesText(Map<String, String> lines) {
        this.lines = new RuleLines(lines);
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

    /**
     * The rules with one of them changed.
     *
     * @param value as it stands behind the equals sign
     * @throws IllegalArgumentException with a sentence where it cannot be
     */
    public static HouseRules with(HouseRules rules, String name, String value) {
        Map<String, String> changed = lines(rules);
        changed.put(name, value.strip());
        Map<String, String> whole = read(SHIPPED);
        // What these rules do not have is not what ships.
        whole.keySet().stream().filter(n -> !changed.containsKey(n)).forEach(n -> changed.put(n, "none"));
        return new RulesText(changed).rules().withPrices(rules.prices());
    }

    /** The shipped text, in which every rule has its title and its reason above it. */
    static String shippedText() {
        return SHIPPED;
    }

    /** Each rule by its name, as {@code number unit}. */
    public static Map<String, String> lines(HouseRules rules) {
        Map<String, String> lines = new LinkedHashMap<>();
        WeighingRules weighing = rules.weighing();
        lines.put("weighing.roots-to-mend", weighing.rootShareToMend() + " %");
        lines.put("weighing.offset-to-tend", RuleLines.inches(weighing.offsetToTend()));
        lines.put("weighing.offset-to-mend", RuleLines.inches(weighing.offsetToMend()));
        lines.put("weighing.water-to-tend", RuleLines.feet(weighing.waterToTend()));
        lines.put("care.between-cleanings", rules.care().monthsBetweenCleanings() + " months");
        new TreeMap<>(rules.care().weakFrom())
                .forEach((m, years) -> lines.put(CareRules.weakRule(m), years + " years"));
        lines.put("showing.before", RuleLines.plain(rules.showing().before()) + " s");
        lines.put("showing.after", RuleLines.plain(rules.showing().after()) + " s");
        lines.put("showing.walk", RuleLines.word(rules.showing().walk()));
        LineRules line = rules.line();
        lines.put("ownership.reach", RuleLines.word(line.owners()));
        lines.put("seeing.fastest", RuleLines.feet(line.seeing().fastest()));
        lines.put("seeing.back-preferred", line.seeing().backPreferred() ? "yes" : "no");
        lines.put("openings.every", RuleLines.feet(line.openings().every()));
        lines.put("openings.bend", line.openings().bend() + " degrees");
        lines.put("tools.reach", RuleLines.feet(line.tools().reach()));
        lines.put("tools.bend", line.tools().bend() + " degrees");
        lines.put("tools.step", RuleLines.inches(line.tools().step()));
        new TreeMap<>(line.depths().falls())
                .forEach((from, fall) -> lines.put(FALL + from, RuleLines.plain(fall) + " in/ft"));
        lines.put("depths.locator-error", RuleLines.inches(line.depths().locatorError()));
        lines.put("depths.locator-share", RuleLines.plain(100 * line.depths().locatorShare()) + " %");
        lines.put("depths.bedding", RuleLines.inches(line.depths().bedding()));
        lines.putAll(JudgingText.lines(rules));
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
                        lines.whole("weighing.roots-to-mend", "%"),
                        lines.length("weighing.offset-to-tend"),
                        lines.length("weighing.offset-to-mend"),
                        lines.length("weighing.water-to-tend")),
                new CareRules(lines.whole("care.between-cleanings", "months"), weakFrom()),
                new ShowingRules(
                        lines.number("showing.before", "s"),
                        lines.number("showing.after", "s"),
                        lines.one("showing.walk", ShowingRules.Walk.class)),
                words(),
                new LineRules(
                        new OwnerRules(lines.one("ownership.reach", OwnersReach.class)),
                        new SeeingRules(lines.length("seeing.fastest"), lines.yes("seeing.back-preferred")),
                        new OpeningRules(lines.length("openings.every"), lines.whole("openings.bend", "degrees")),
                        new ToolRules(
                                lines.length("tools.reach"),
                                lines.whole("tools.bend", "degrees"),
                                lines.length("tools.step")),
                        new DepthRules(
                                falls(),
                                lines.length("depths.locator-error"),
                                lines.number("depths.locator-share", "%") / 100,
                                lines.length("depths.bedding"))),
                JudgingText.judging(lines),
                JudgingText.ages(lines),
                PriceBook.EMPTY);
    }

    private Map<Material, Integer> weakFrom() {
        Map<Material, Integer> years = new EnumMap<>(Material.class);
        for (Material material : Material.values()) {
            String name = CareRules.weakRule(material);
            if (lines.has(name)) {
                years.put(material, lines.whole(name, "years"));
            }
        }
        return years;
    }

    private Map<Integer, Double> falls() {
        Map<Integer, Double> falls = new TreeMap<>();
        for (String name : lines.names()) {
            if (name.startsWith(FALL) && lines.has(name)) {
                falls.put(Integer.valueOf(name.substring(FALL.length())), lines.number(name, "in/ft"));
            }
        }
        return falls;
    }

    private WordRules words() {
        Map<String, FindingKind> words = new LinkedHashMap<>();
        for (String name : lines.names()) {
            if (name.startsWith(WORD)) {
                String kind = lines.text(name);
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
}
