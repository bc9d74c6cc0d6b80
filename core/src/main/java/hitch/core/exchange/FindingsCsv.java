package hitch.core.exchange;

import hitch.core.detail.Detail;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Findings as comma-separated values with a heading row, quoted by RFC 4180; every detail has a column, in the order of {@link Detail#all}. */
public final class FindingsCsv {
    private static final List<String> OWN = List.of(
            "id",
            "kind",
            "station_from_ft",
            "station_to_ft",
            "place",
            "what",
            "clock",
            "size",
            "share_of_bore_percent",
            "weight",
            "knots",
            "because",
            "run",
            "pass",
            "confidence",
            "clip",
            "time_s",
            "pts",
            "time_base",
            "still",
            "wording",
            "branch",
            "doubt_ft",
            "also_seen",
            "also_marked_as",
            "whose",
            "how_sure",
            "clock_with_flow",
            "photos",
            "size_how",
            "still_drawn");

    private FindingsCsv() {}

    public static void write(List<FindingRow> rows, Appendable out) throws IOException {
        List<String> details = Detail.all().stream().map(Detail::key).toList();
        String[] head = Stream.concat(OWN.stream(), details.stream()).toArray(String[]::new);
        CSVFormat format = CSVFormat.RFC4180.builder().setHeader(head).get();
        CSVPrinter printer = new CSVPrinter(out, format);
        for (FindingRow r : rows) {
            Object[] cells = {
                r.id(),
                r.kind(),
                r.stationFromFt(),
                r.stationToFt(),
                r.place(),
                r.what(),
                r.clock(),
                r.size(),
                r.share(),
                r.weight(),
                r.knots(),
                r.because(),
                r.run(),
                r.pass(),
                r.confidence(),
                r.clip(),
                r.timeS(),
                r.pts(),
                r.timeBase(),
                r.still(),
                r.wording(),
                r.branch(),
                r.doubtFt(),
                r.seen(),
                r.also(),
                r.whose(),
                r.howSure(),
                r.clockWithFlow(),
                r.photos(),
                r.sizeHow(),
                r.stillDrawn()
            };
            Stream<Object> said = details.stream().map(key -> r.details().getOrDefault(key, ""));
            printer.printRecord(Stream.concat(Arrays.stream(cells), said)
                    .map(FindingsCsv::defused)
                    .toArray());
        }
        printer.flush();
    }

    /** A cell that no spreadsheet takes for a formula: a leading sign of one gets an apostrophe before it. */
    public static Object defused(Object cell) {
        boolean formula =
                cell instanceof String s && s.matches("(?s)[=+\\-@\\t\\r\\n].*") && !s.matches("-?\\d+(\\.\\d+)?");
        return formula ? "'" + cell : cell;
    }
}
