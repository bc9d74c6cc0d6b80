package hitch.core.rules;

import hitch.core.measure.Distance;
import hitch.core.pipe.Material;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.Map;
import java.util.Properties;
import java.util.TreeMap;

/** Reads {@code house-rules.txt}: a line {@code name = number unit} for each rule, its reason in the lines above it. */
final class HouseRulesFile {
    private static final String FALL = "depths.fall-from-";

    private final Properties lines = new Properties();

    private HouseRulesFile(InputStream file) throws IOException {
        lines.load(new InputStreamReader(file, StandardCharsets.UTF_8));
    }

    /** The rules that come with the program. */
    static HouseRules shipped() {
        try (InputStream file = HouseRulesFile.class.getResourceAsStream("house-rules.txt")) {
            return new HouseRulesFile(file).rules();
        } catch (IOException e) {
            throw new IllegalStateException("the house rules are missing from the program", e);
        }
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
                WordRules.NONE,
                new LineRules(
                        new OwnerRules(OwnersReach.valueOf(text("ownership.reach")
                                .toUpperCase(java.util.Locale.ROOT)
                                .replace('-', '_'))),
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

    private Map<Material, Integer> weakFrom() {
        Map<Material, Integer> years = new EnumMap<>(Material.class);
        for (Material material : Material.values()) {
            String name = "care.weak-from-" + material.word().replace(' ', '-');
            if (lines.containsKey(name)) {
                years.put(material, (int) number(name, "years"));
            }
        }
        return years;
    }

    private Map<Integer, Double> falls() {
        Map<Integer, Double> falls = new TreeMap<>();
        for (String name : lines.stringPropertyNames()) {
            if (name.startsWith(FALL)) {
                falls.put(Integer.valueOf(name.substring(FALL.length())), number(name, "in/ft"));
            }
        }
        return falls;
    }

    private Distance length(String name) {
        return text(name).endsWith("in") ? Distance.inches(number(name, "in")) : Distance.feet(number(name, "ft"));
    }

    private double number(String name, String unit) {
        String text = text(name);
        if (!text.endsWith(" " + unit)) {
            throw new IllegalStateException("the house rule " + name + " is not in " + unit + ": " + text);
        }
        return Double.parseDouble(
                text.substring(0, text.length() - unit.length()).strip());
    }

    private String text(String name) {
        String text = lines.getProperty(name);
        if (text == null) {
            throw new IllegalStateException("there is no house rule " + name);
        }
        return text.strip();
    }
}
