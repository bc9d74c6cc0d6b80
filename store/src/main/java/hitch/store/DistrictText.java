package hitch.store;

import hitch.core.district.Column;
import hitch.core.district.DistrictForm;
import hitch.core.line.ReadFrom;
import hitch.core.measure.LengthUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** A district's form as a text that a person can read and edit: a line {@code name = value} each, and one for each column. */
public final class DistrictText {
    private static final String ABOUT = """
            # A district's own form.
            #   distances from   the opening, the building wall, the main or the boundary
            #   rising           with the flow, or against it
            #   unit             feet, feet and inches, or metres; decimals 0 to 3
            #   upper, lower     what the public structures at the ends are called, unless a job says otherwise
            #   clip seconds     the longest clip it takes; 0 for any
            #   file names       of fields in braces
            #   column           what stands over it: what stands in it, one of
            #                    %s
            """;
    private static final String WITH = "with the flow";
    private static final String AGAINST = "against it";

    private DistrictText() {}

    public static String write(DistrictForm form) {
        List<String> lines = new ArrayList<>();
        lines.add("name = " + form.name());
        lines.add("distances from = " + form.from().word());
        lines.add("rising = " + (form.rising() ? WITH : AGAINST));
        lines.add("unit = " + unit(form.unit()));
        lines.add("decimals = " + form.decimals());
        lines.add("upper = " + form.upper());
        lines.add("lower = " + form.lower());
        lines.add("clip seconds = "
                + (form.clipSeconds() == Math.rint(form.clipSeconds())
                        ? String.valueOf((long) form.clipSeconds())
                        : String.valueOf(form.clipSeconds())));
        lines.add("file names = " + form.fileNames());
        form.columns()
                .forEach(
                        c -> lines.add("column = " + c.name() + ": " + c.field().word()));
        return ABOUT.formatted(Arrays.stream(Column.Field.values())
                        .map(Column.Field::word)
                        .collect(Collectors.joining(", ")))
                + String.join("\n", lines) + "\n";
    }

    private static String unit(LengthUnit unit) {
        return switch (unit) {
            case FEET -> "feet";
            case FEET_INCHES -> "feet and inches";
            case METRES -> "metres";
        };
    }

    /**
     * @throws IllegalArgumentException with the line that cannot be
     */
    public static DistrictForm parse(String text) {
        Map<String, String> said = new LinkedHashMap<>();
        List<Column> columns = new ArrayList<>();
        for (String line : text.replace("\uFEFF", "")
                .lines()
                .filter(l -> !l.isBlank() && !l.startsWith("#"))
                .toList()) {
            int equals = line.indexOf('=');
            if (equals < 1) {
                throw new IllegalArgumentException("\"" + line + "\" is no line such as \"unit = feet\".");
            }
            String key = line.substring(0, equals).strip().toLowerCase(Locale.ROOT);
            String value = line.substring(equals + 1).strip();
            if (key.equals("column")) {
                columns.add(column(value));
            } else if (KEYS.contains(key)) {
                said.put(key, value);
            } else {
                throw new IllegalArgumentException(
                        "\"" + key + "\" says nothing of a district: " + String.join(", ", KEYS) + " or column.");
            }
        }
        DistrictForm plain = DistrictForm.PLAIN;
        return new DistrictForm(
                said.getOrDefault("name", ""),
                said.containsKey("distances from") ? from(said.get("distances from")) : plain.from(),
                said.containsKey("rising") ? rising(said.get("rising")) : plain.rising(),
                said.containsKey("unit") ? unit(said.get("unit")) : plain.unit(),
                said.containsKey("decimals") ? number(said, "decimals", Integer::valueOf) : plain.decimals(),
                said.getOrDefault("upper", ""),
                said.getOrDefault("lower", ""),
                said.containsKey("clip seconds") ? number(said, "clip seconds", Double::valueOf) : plain.clipSeconds(),
                said.getOrDefault("file names", plain.fileNames()),
                columns.isEmpty() ? plain.columns() : columns);
    }

    private static <N extends Number> N number(Map<String, String> said, String key, Function<String, N> read) {
        try {
            return read.apply(said.get(key));
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("\"" + said.get(key) + "\" is no number for " + key + ".", e);
        }
    }

    private static final List<String> KEYS = List.of(
            "name", "distances from", "rising", "unit", "decimals", "upper", "lower", "clip seconds", "file names");

    private static Column column(String value) {
        int colon = value.lastIndexOf(':');
        String field = colon < 0 ? value : value.substring(colon + 1).strip();
        return Column.Field.of(field)
                .map(f -> new Column(colon < 0 ? field : value.substring(0, colon), f))
                .orElseThrow(() -> new IllegalArgumentException("\"" + field + "\" can stand in no column."));
    }

    private static ReadFrom from(String word) {
        return Arrays.stream(ReadFrom.values())
                .filter(r -> r.word().equalsIgnoreCase(word))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Distances are not read from \"" + word + "\" but from "
                        + Arrays.stream(ReadFrom.values()).map(ReadFrom::word).collect(Collectors.joining(", "))
                        + "."));
    }

    private static boolean rising(String word) {
        if (!word.equalsIgnoreCase(WITH) && !word.equalsIgnoreCase(AGAINST)) {
            throw new IllegalArgumentException(
                    "Distances rise \"" + WITH + "\" or \"" + AGAINST + "\", not \"" + word + "\".");
        }
        return word.equalsIgnoreCase(WITH);
    }

    private static LengthUnit unit(String word) {
        return Arrays.stream(LengthUnit.values())
                .filter(u -> unit(u).equalsIgnoreCase(word))
                .findFirst()
                .orElseThrow(() ->
                        new IllegalArgumentException("\"" + word + "\" is none of feet, feet and inches, metres."));
    }
}
