package hitch.core.exchange;

import hitch.core.measure.Station;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Where the camera was in footage that was handed over, second by second, as CSV. */
public final class FootageCsv {
    /** What it is called beside the footage. */
    public static final String FILE = "stations.csv";

    private FootageCsv() {}

    /**
     * A moment.
     *
     * @param file the file that was handed over
     * @param atS seconds into it
     * @param station feet from the line's datum, with the flow positive; empty where it is not known
     * @param source the recording it is of
     * @param sourceS seconds into that
     * @param pts time of the frame in the recording's time base
     */
    public record Row(String file, double atS, Optional<Station> station, String source, double sourceS, long pts) {}

    public static void write(List<Row> rows, Appendable out) throws IOException {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader("file", "at_s", "station_ft", "source", "source_s", "pts")
                .get();
        CSVPrinter printer = new CSVPrinter(out, format);
        for (Row row : rows) {
            printer.printRecord(
                    row.file(),
                    seconds(row.atS()),
                    row.station().map(FindingRow::feet).orElse(""),
                    FindingsCsv.defused(row.source()),
                    seconds(row.sourceS()),
                    row.pts());
        }
        printer.flush();
    }

    private static String seconds(double seconds) {
        return String.format(Locale.ROOT, "%.3f", seconds);
    }
}
