package hitch.core.district;

import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A district's codes, as the user supplies them: CSV with the columns {@code kind}, {@code by}, {@code from}, {@code to},
 * {@code code} and {@code words}.
 *
 * @param codes in the order of the table; the first that stands for a finding is its code
 * @param trouble what of the table cannot be used, a sentence each with its line
 */
public record CodeTable(List<Code> codes, List<String> trouble) {
    public static final CodeTable NONE = new CodeTable(List.of(), List.of());

    /** Lines of the largest table that is read. */
    private static final int MOST = 10_000;

    public CodeTable {
        codes = List.copyOf(codes);
        trouble = List.copyOf(trouble);
    }

    /** Reads a table; what cannot be used is told and left out. */
    public static CodeTable parse(String csv) {
        List<Code> codes = new ArrayList<>();
        List<String> trouble = new ArrayList<>();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .setAllowMissingColumnNames(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(csv.replace("\uFEFF", "")), format)) {
            List<String> missing = List.of("kind", "code").stream()
                    .filter(c -> parser.getHeaderNames().stream()
                            .noneMatch(h -> h.strip().equalsIgnoreCase(c)))
                    .toList();
            if (!missing.isEmpty()) {
                return new CodeTable(
                        List.of(),
                        List.of("The table has no column \"" + String.join("\" and no column \"", missing)
                                + "\". Its first line is: kind, by, from, to, code, words."));
            }
            for (CSVRecord row : parser) {
                if (parser.getRecordNumber() > MOST) {
                    trouble.add("The table has more than " + MOST + " lines; the rest was not read.");
                    break;
                }
                read(row, parser.getCurrentLineNumber(), codes, trouble);
            }
        } catch (IOException | IllegalArgumentException | java.io.UncheckedIOException e) {
            trouble.add("The table cannot be read as CSV from some line on: " + e.getMessage());
        }
        if (codes.isEmpty() && trouble.isEmpty()) {
            trouble.add("The table holds no code.");
        }
        trouble.addAll(overlaps(codes));
        return new CodeTable(codes, trouble);
    }

    private static void read(CSVRecord row, long line, List<Code> codes, List<String> trouble) {
        String where = "Line " + line + ": ";
        String kindWord = cell(row, "kind");
        Optional<FindingKind> kind = Arrays.stream(FindingKind.values())
                .filter(k -> k.word().equalsIgnoreCase(kindWord))
                .findFirst();
        String code = cell(row, "code");
        Optional<Code.By> by = by(cell(row, "by"));
        if (kind.isEmpty()) {
            trouble.add(where + "\"" + kindWord + "\" is no kind of finding.");
        } else if (code.isEmpty()) {
            trouble.add(where + "there is no code for " + kindWord + ".");
        } else if (!cell(row, "by").isEmpty() && by.isEmpty()) {
            trouble.add(where + "\"" + cell(row, "by") + "\" is neither size nor share.");
        } else {
            try {
                double from = number(cell(row, "from"), 0);
                double to = number(cell(row, "to"), Double.POSITIVE_INFINITY);
                if (!(from < to)) {
                    trouble.add(where + "from " + cell(row, "from") + " to " + cell(row, "to") + " is no range.");
                    return;
                }
                codes.add(new Code(kind.get(), by, from, to, code, cell(row, "words")));
            } catch (NumberFormatException e) {
                trouble.add(where + "\"" + cell(row, "from") + "\" to \"" + cell(row, "to")
                        + "\" are no numbers; inches or percent are meant.");
            }
        }
    }

    private static Optional<Code.By> by(String word) {
        return Arrays.stream(Code.By.values())
                .filter(b -> b.name().equalsIgnoreCase(word))
                .findFirst();
    }

    private static double number(String text, double blank) {
        return text.isEmpty() ? blank : Double.parseDouble(text.replace(',', '.'));
    }

    private static String cell(CSVRecord row, String column) {
        return row.isMapped(column) && row.isSet(column) ? row.get(column).strip() : "";
    }

    /** Ranges of one kind that lie over each other: only the first would ever be used there. */
    private static List<String> overlaps(List<Code> codes) {
        List<String> all = new ArrayList<>();
        for (int i = 0; i < codes.size(); i++) {
            for (int j = i + 1; j < codes.size(); j++) {
                Code a = codes.get(i);
                Code b = codes.get(j);
                if (a.kind() == b.kind() && a.of().equals(b.of()) && a.from() < b.to() && b.from() < a.to()) {
                    all.add(a.code() + " and " + b.code() + " both stand for "
                            + a.kind().word()
                            + (a.of().isEmpty()
                                    ? ""
                                    : " of one " + a.of().get().name().toLowerCase(Locale.ROOT))
                            + "; the first is used.");
                }
            }
        }
        return all;
    }

    /** The code that stands for a finding; empty where none does. */
    public Optional<Code> of(Finding finding) {
        // A code for some sizes goes before one for all.
        return codes.stream().filter(c -> c.isFor(finding)).min(Comparator.comparing(c -> c.of().isEmpty()));
    }

    /** Kinds that can be seen in a pipe and have no code at all, in Hitch's order. */
    public List<FindingKind> unmapped() {
        return Arrays.stream(FindingKind.values())
                .filter(k -> k.family() != FindingKind.Family.TOLD)
                .filter(k -> codes.stream().noneMatch(c -> c.kind() == k))
                .toList();
    }

    /** Where the codes of a kind leave out sizes or shares, a sentence each. */
    public List<String> gaps() {
        Map<FindingKind, List<Code>> byKind = new EnumMap<>(FindingKind.class);
        codes.forEach(
                c -> byKind.computeIfAbsent(c.kind(), k -> new ArrayList<>()).add(c));
        List<String> all = new ArrayList<>();
        byKind.forEach((kind, its) -> {
            if (its.stream().anyMatch(c -> c.of().isEmpty())) {
                return;
            }
            all.add(kind.word() + " has codes by size or share alone; one whose size or share is not known has none.");
            for (Code.By by : Code.By.values()) {
                double reached = 0;
                for (Code code : its.stream()
                        .filter(c -> c.of().equals(Optional.of(by)))
                        .sorted(Comparator.comparingDouble(Code::from))
                        .toList()) {
                    if (code.from() > reached) {
                        all.add(String.format(
                                Locale.ROOT,
                                "%s has no code for a %s from %s to %s.",
                                kind.word(),
                                by.name().toLowerCase(Locale.ROOT),
                                plain(reached),
                                plain(code.from())));
                    }
                    reached = Math.max(reached, code.to());
                }
            }
        });
        return all;
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }
}
