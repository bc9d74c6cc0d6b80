package hitch.store.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.district.District;
import hitch.core.district.DistrictTable;
import hitch.core.exchange.FindingRow;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;

/** What lies in a district's own folder of a parcel: its table in its form, and the stills under the names that it wants. */
final class DistrictFiles {
    /** The folder within the parcel. */
    static final String FOLDER = "district";

    static final String TABLE = "table.csv";

    private DistrictFiles() {}

    static void write(Disclosure may, District district, Path out) throws IOException {
        DistrictTable table = new DistrictTable(may, district.form(), district.codes());
        Path folder = Files.createDirectories(out.resolve(FOLDER));
        Files.writeString(folder.resolve(TABLE), table.csv(), StandardCharsets.UTF_8);
        Map<FindingId, String> names = table.stills();
        for (LocatedFinding found : may.findings()) {
            String name = names.get(found.finding().id());
            Path still = out.resolve(FindingRow.stillName(found));
            if (name != null && Files.exists(still)) {
                Files.copy(still, folder.resolve(name));
            }
        }
    }
}
