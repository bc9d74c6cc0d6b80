package hitch.core.exchange;

import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Range;
import hitch.core.rules.Method;
import hitch.core.rules.Price;
import hitch.core.rules.PriceBook;
import java.io.IOException;
import java.io.StringReader;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * A firm's prices as CSV: a row for each, {@code method, per, size in, depth ft, cover, low, high}. A size or a depth is a number or two
 * with a stroke between, blank for any; {@code per} is foot or each. One row {@code currency} has its sign as its low.
 */
public final class PricesCsv {
    private static final String[] HEAD = {"method", "per", "size in", "depth ft", "cover", "low", "high"};
    private static final String CURRENCY = "currency";

    private PricesCsv() {}

    public static String write(PriceBook book) {
        StringBuilder out = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(
                out,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(HEAD)
                        .setRecordSeparator("\n")
                        .get())) {
            printer.printRecord(CURRENCY, "", "", "", "", book.currency(), "");
            for (Price p : book.prices()) {
                printer.printRecord(
                        p.method().word(),
                        p.byFoot() ? "foot" : "each",
                        p.sizes().map(PricesCsv::range).orElse(""),
                        p.depths().map(PricesCsv::range).orElse(""),
                        p.cover().map(Surface::word).orElse(""),
                        number(p.amount().low()),
                        number(p.amount().high()));
            }
        } catch (IOException e) {
            throw new java.io.UncheckedIOException("a text takes whatever is written to it", e);
        }
        return out.toString();
    }

    /**
     * Reads what a person may have filled in; rows without an amount are left out.
     *
     * @throws IllegalArgumentException with a sentence naming the row that cannot be
     */
    public static PriceBook parse(String text) {
        String currency = "";
        List<Price> prices = new ArrayList<>();
        boolean named = text.lines()
                .filter(l -> !l.isBlank())
                .findFirst()
                .filter(l -> l.startsWith(HEAD[0]))
                .isPresent();
        if (!named) {
            throw new IllegalArgumentException(
                    "The prices cannot be read: their first row names the columns, " + String.join(", ", HEAD) + ".");
        }
        try {
            for (CSVRecord row : CSVFormat.RFC4180
                    .builder()
                    .setHeader(HEAD)
                    .setSkipHeaderRecord(true)
                    .setIgnoreEmptyLines(true)
                    .setTrim(true)
                    .get()
                    .parse(new StringReader(text))) {
                if (row.size() < HEAD.length) {
                    throw wrong(row, "it has " + row.size() + " columns, not " + String.join(", ", HEAD));
                }
                if (row.get(0).equals(CURRENCY)) {
                    currency = row.get(5);
                } else if (!row.get(5).isBlank() || !row.get(6).isBlank()) {
                    prices.add(price(row));
                }
            }
        } catch (IOException | java.io.UncheckedIOException e) {
            throw new IllegalArgumentException("The prices are no CSV: " + e.getMessage(), e);
        }
        return new PriceBook(currency, prices);
    }

    private static Price price(CSVRecord row) {
        Method method = Method.of(row.get(0))
                .orElseThrow(() -> wrong(
                        row,
                        "\"" + row.get(0) + "\" is none of "
                                + String.join(
                                        ", ",
                                        Arrays.stream(Method.values())
                                                .map(Method::word)
                                                .toList())));
        if (!row.get(1).equals("foot") && !row.get(1).equals("each")) {
            throw wrong(row, "per is foot or each, not \"" + row.get(1) + "\"");
        }
        Optional<Surface> cover = row.get(4).isBlank()
                ? Optional.empty()
                : Optional.of(Arrays.stream(Surface.values())
                        .filter(s -> s.word().equals(row.get(4)))
                        .findFirst()
                        .orElseThrow(() -> wrong(
                                row,
                                "\"" + row.get(4) + "\" is none of "
                                        + String.join(
                                                ", ",
                                                Arrays.stream(Surface.values())
                                                        .map(Surface::word)
                                                        .toList()))));
        double low = amount(row, row.get(5).isBlank() ? row.get(6) : row.get(5));
        double high = amount(row, row.get(6).isBlank() ? row.get(5) : row.get(6));
        return new Price(
                method,
                row.get(1).equals("foot"),
                between(row, row.get(2)),
                between(row, row.get(3)),
                cover,
                Range.between(low, high));
    }

    private static Optional<Range> between(CSVRecord row, String text) {
        if (text.isBlank()) {
            return Optional.empty();
        }
        String[] ends = text.split("\\s*(?:-|to)\\s*");
        return Optional.of(Range.between(amount(row, ends[0]), amount(row, ends[ends.length - 1])));
    }

    private static double amount(CSVRecord row, String text) {
        if (!text.matches("\\d{1,9}(?:\\.\\d{1,4})?")) {
            throw wrong(row, "\"" + text + "\" is no number");
        }
        return Double.parseDouble(text);
    }

    private static IllegalArgumentException wrong(CSVRecord row, String why) {
        return new IllegalArgumentException(
                "Row " + row.getRecordNumber() + " of the prices cannot be read: " + why + ".");
    }

    private static String range(Range range) {
        return range.low() == range.high() ? number(range.low()) : number(range.low()) + "-" + number(range.high());
    }

    private static String number(double value) {
        return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }

    /** A table of everything there can be a price for, to be filled in. */
    public static String blank() {
        StringBuilder out = new StringBuilder(String.join(",", HEAD)).append("\ncurrency,,,,,,\n");
        for (Method method : Method.values()) {
            boolean foot = switch (method) {
                case RELINE, REPLACE, DESCALE, COAT, SURFACE -> true;
                default -> false;
            };
            out.append(method.word()).append(foot ? ",foot" : ",each").append(",,,,,\n");
        }
        return out.toString();
    }
}
