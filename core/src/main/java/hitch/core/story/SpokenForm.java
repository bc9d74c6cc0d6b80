package hitch.core.story;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Narration as a voice should read it: figures, units and what is shortened in words. Captions keep the figures; only the sound is spelled
 * out, so both say the same.
 */
public final class SpokenForm {
    private static final List<String> MONTHS = List.of(
            "January",
            "February",
            "March",
            "April",
            "May",
            "June",
            "July",
            "August",
            "September",
            "October",
            "November",
            "December");
    private static final Map<String, String> STREETS = Map.ofEntries(
            Map.entry("St", "Street"),
            Map.entry("Ave", "Avenue"),
            Map.entry("Av", "Avenue"),
            Map.entry("Rd", "Road"),
            Map.entry("Dr", "Drive"),
            Map.entry("Blvd", "Boulevard"),
            Map.entry("Ln", "Lane"),
            Map.entry("Ct", "Court"),
            Map.entry("Pl", "Place"),
            Map.entry("Sq", "Square"),
            Map.entry("Ter", "Terrace"),
            Map.entry("Hwy", "Highway"),
            Map.entry("Pkwy", "Parkway"),
            Map.entry("Cir", "Circle"),
            Map.entry("Apt", "Apartment"),
            Map.entry("Ste", "Suite"));
    private static final Map<String, String> SHORTENED = Map.of(
            "No.",
            "number",
            "Nr.",
            "number",
            "approx.",
            "about",
            "ca.",
            "about",
            "vs.",
            "against",
            "etc.",
            "and so on",
            "Mr.",
            "Mister",
            "Mrs.",
            "Missus",
            "Bros.",
            "Brothers");

    /** What makes a length before it a word of kind and not a measure: "4 in clay", but "4 in deep". */
    private static final String OF_A_KIND =
            "(?= (?!of\\b|or\\b|and\\b|deep\\b|wide\\b|high\\b|long\\b|to\\b|at\\b|in\\b|on\\b|under\\b|over\\b|where\\b|not\\b|below\\b|above\\b|from\\b|per\\b|down\\b|up\\b|the\\b|a\\b|with\\b)\\p{L})";

    private static final Pattern DATE = Pattern.compile("\\b(\\d{4})-(\\d{2})-(\\d{2})\\b");
    private static final Pattern DAY =
            Pattern.compile("\\b(" + String.join("|", MONTHS) + ") ([1-9]|[12]\\d|3[01]), (\\d{4})\\b");
    private static final Pattern MONEY =
            Pattern.compile("([$€£]) ?(\\d{1,3}(?:,\\d{3})+|\\d+)(?: (?:to|-) \\1? ?(\\d{1,3}(?:,\\d{3})+|\\d+))?");
    private static final Pattern THOUSANDS = Pattern.compile("\\b(\\d{1,3})((?:,\\d{3})+)\\b");
    private static final Pattern FRACTION_IN =
            Pattern.compile("\\b(?:(\\d+) )?(\\d{1,2})/(2|4|8|16)(?: (in)\\b(" + OF_A_KIND + ")?)?");
    private static final Pattern WHOLE_IN = Pattern.compile("(?<![\\d./])(\\d+(?:\\.\\d+)?) in\\b(" + OF_A_KIND + ")?");
    private static final Pattern HOUSE =
            Pattern.compile("\\b(\\d{2,4})(?= \\p{Lu}[\\p{L}']+ (?:" + String.join("|", STREETS.keySet()) + "|"
                    + String.join("|", STREETS.values()) + "|Row|Way|Close|Walk|Trail|Alley|Mews)\\b)");
    private static final Pattern STREET = Pattern.compile(
            "(?<=\\p{L} )(" + String.join("|", STREETS.keySet()) + ")\\b\\.?(?=[,.;]|$| \\p{Ll}|\\s*$)");
    private static final Pattern YEAR = Pattern.compile(
            "(?<=\\b(?:of|in|since|before|after|by|from|to|until|than|built|laid|year|the|about|around|and|between) )(1[6-9]\\d{2}|20\\d{2})\\b(?! ?(?:ft|m|in|mm|cm|feet|%|[.,/]\\d))");
    private static final Pattern ORDINAL = Pattern.compile("\\b(\\d{1,3})(?:st|nd|rd|th)\\b");
    private static final Pattern DECIMAL = Pattern.compile("\\b(\\d+)\\.(\\d+)\\b");
    private static final Pattern WHOLE = Pattern.compile("\\d+");

    private SpokenForm() {}

    public static String of(String text) {
        String spoken = text;
        for (Map.Entry<String, String> shortened : SHORTENED.entrySet()) {
            spoken = spoken.replaceAll("(?<![\\p{L}])" + Pattern.quote(shortened.getKey()), shortened.getValue());
        }
        spoken = each(DATE, spoken, SpokenForm::date);
        spoken = each(
                DAY,
                spoken,
                m -> m.group(1) + " " + NumberWords.ordinal(Integer.parseInt(m.group(2))) + ", "
                        + NumberWords.year(Integer.parseInt(m.group(3))));
        spoken = each(MONEY, spoken, SpokenForm::money);
        spoken = each(THOUSANDS, spoken, m -> m.group().replace(",", ""));
        spoken = each(HOUSE, spoken, m -> NumberWords.house(Integer.parseInt(m.group(1))));
        spoken = each(STREET, spoken, m -> STREETS.get(m.group(1)));
        spoken = each(FRACTION_IN, spoken, SpokenForm::fraction);
        spoken = each(
                WHOLE_IN,
                spoken,
                m -> m.group(1) + (m.group(2) != null ? " inch" : m.group(1).equals("1") ? " inch" : " inches"));
        spoken = units(spoken);
        spoken = each(YEAR, spoken, m -> NumberWords.year(Integer.parseInt(m.group(1))));
        spoken = each(ORDINAL, spoken, m -> NumberWords.ordinal(Math.max(1, Integer.parseInt(m.group(1)))));
        spoken = spoken.replaceAll("o['’]clock", "o clock")
                .replaceAll("\\bPVC\\b", "P V C")
                .replaceAll("\\bABS\\b", "A B S")
                .replaceAll("&", "and")
                .replaceAll(";", ",")
                .replaceAll(" [-–—] ", ", ")
                .replaceAll("(?<=\\b\\d{1,3})[-–](?=\\d{1,3}\\b)", " to ")
                .replaceAll("[-–](?=\\w)", " ");
        spoken = each(DECIMAL, spoken, m -> NumberWords.decimal(m.group(1), m.group(2)));
        return each(WHOLE, spoken, m -> NumberWords.of(m.group()));
    }

    /** A property with its kind of street written out, as it is told in a sentence: {@code 9 Plover Court}. */
    public static String streets(String property) {
        return each(STREET, property, m -> STREETS.get(m.group(1)));
    }

    private static String each(Pattern what, String text, Function<MatchResult, String> said) {
        return what.matcher(text).replaceAll(m -> Matcher.quoteReplacement(said.apply(m)));
    }

    private static String units(String text) {
        return text.replaceAll("(?<![\\d.])1(?:\\.0+)? ft\\b", "1 foot")
                .replaceAll("(?<=\\d) ft\\b", " feet")
                .replaceAll("(?<![\\d.])1(?:\\.0+)? m\\b", "1 metre")
                .replaceAll("(?<=\\d) m\\b", " metres")
                .replaceAll("(?<![\\d.])1 (mm|cm)\\b", "1 $1.")
                .replaceAll("(?<=\\d) mm\\b(?!\\.)", " millimetres")
                .replaceAll("(?<=\\d) cm\\b(?!\\.)", " centimetres")
                .replace(" mm.", " millimetre")
                .replace(" cm.", " centimetre")
                .replaceAll("(?<=\\d) ?%", " percent")
                .replaceAll("(?<=\\d) ?s\\b", " seconds");
    }

    private static String date(MatchResult m) {
        int month = Integer.parseInt(m.group(2));
        int day = Integer.parseInt(m.group(3));
        return month < 1 || month > MONTHS.size() || day < 1
                ? m.group()
                : MONTHS.get(month - 1) + " " + NumberWords.ordinal(day) + ", "
                        + NumberWords.year(Integer.parseInt(m.group(1)));
    }

    private static String money(MatchResult m) {
        String what = switch (m.group(1)) {
            case "$" -> "dollars";
            case "£" -> "pounds";
            default -> "euros";
        };
        return Stream.of(m.group(2), m.group(3))
                        .filter(java.util.Objects::nonNull)
                        .map(n -> NumberWords.of(n.replace(",", "")))
                        .collect(Collectors.joining(" to "))
                + " " + what;
    }

    private static String fraction(MatchResult m) {
        int top = Integer.parseInt(m.group(2));
        String part = switch (m.group(3)) {
            case "2" -> "half";
            case "4" -> top == 1 ? "quarter" : "quarters";
            case "8" -> top == 1 ? "eighth" : "eighths";
            default -> top == 1 ? "sixteenth" : "sixteenths";
        };
        boolean inches = m.group(4) != null;
        boolean kind = m.group(5) != null;
        if (m.group(1) != null) {
            String count = top == 1 ? (part.equals("eighth") ? "an " : "a ") : NumberWords.of(top) + " ";
            return NumberWords.of(m.group(1)) + " and " + count + part + (inches ? kind ? " inch" : " inches" : "");
        }
        if (inches && kind) {
            // "a three quarter inch step"
            return (top == 1 ? "" : NumberWords.of(top) + " ") + part.replaceAll("s$", "") + " inch";
        }
        if (inches && part.equals("half")) {
            return "half an inch";
        }
        String count = top == 1 ? (part.equals("eighth") ? "an " : "a ") : NumberWords.of(top) + " ";
        return count + part + (inches ? " of an inch" : "");
    }
}
