package hitch.core.parcel;

import hitch.core.exchange.FindingsCsv;
import hitch.core.job.Deed;
import hitch.core.job.Parcels;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Who got what, as CSV: a row for each time an issue went out, and one for an issue that did not. */
public final class ParcelsCsv {
    private ParcelsCsv() {}

    public static String write(Parcels parcels) {
        StringBuilder out = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(
                        "recipient",
                        "issue",
                        "made_at",
                        "made_by",
                        "folder",
                        "bytes",
                        "film_s",
                        "record_sha256",
                        "sent_at",
                        "sent_by",
                        "sent_to",
                        "taken_back_at",
                        "why")
                .get();
        try (CSVPrinter printer = new CSVPrinter(out, format)) {
            for (Parcels.Issue issue : parcels.issues()) {
                if (issue.sent().isEmpty()) {
                    row(printer, issue, Optional.empty());
                }
                for (Deed.Sent sent : issue.sent()) {
                    row(printer, issue, Optional.of(sent));
                }
            }
        } catch (IOException e) {
            throw new IllegalStateException("a text in memory can be written to", e);
        }
        return out.toString();
    }

    private static void row(CSVPrinter printer, Parcels.Issue issue, Optional<Deed.Sent> sent) throws IOException {
        Deed.Made made = issue.made();
        List<Object> cells = Arrays.asList(
                made.recipient(),
                made.issue(),
                made.at(),
                made.by(),
                made.folder(),
                made.bytes(),
                String.format(Locale.ROOT, "%.1f", made.seconds()),
                made.record(),
                sent.map(Deed.Sent::at).orElse(""),
                sent.map(Deed.Sent::by).orElse(""),
                sent.map(Deed.Sent::where).orElse(""),
                issue.takenBack().map(Deed.TakenBack::at).orElse(""),
                issue.takenBack().map(Deed.TakenBack::why).orElse(""));
        printer.printRecord(cells.stream().map(FindingsCsv::defused).toList());
    }
}
