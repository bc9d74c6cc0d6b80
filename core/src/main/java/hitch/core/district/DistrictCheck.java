package hitch.core.district;

import hitch.core.disclosure.Disclosure;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** What is amiss with a district's form and codes, for everything and for one job. */
public final class DistrictCheck {
    private DistrictCheck() {}

    /** What of the codes cannot be used, is used twice, or is left out, a sentence each. */
    public static List<String> of(CodeTable codes) {
        List<String> all = new ArrayList<>(codes.trouble());
        all.addAll(codes.gaps());
        List<FindingKind> unmapped = codes.unmapped();
        if (!unmapped.isEmpty()) {
            all.add("There is no code for: "
                    + unmapped.stream().map(FindingKind::word).collect(Collectors.joining(", ")) + ".");
        }
        return all;
    }

    /** What of one job would stand in its table without a code or a distance, a sentence each. */
    public static List<String> of(Disclosure may, DistrictForm form, CodeTable codes) {
        DistrictTable table = new DistrictTable(may, form, codes);
        List<String> all = new ArrayList<>();
        if (!table.isRead()) {
            all.add("Distances are read from " + form.from().word() + ", and where that is is not known yet.");
        }
        List<LocatedFinding> uncoded = table.uncoded();
        if (!uncoded.isEmpty()) {
            all.add((uncoded.size() == 1 ? "One finding has no code: " : uncoded.size() + " findings have no code: ")
                    + uncoded.stream()
                            .map(f ->
                                    f.finding().id() + " " + f.finding().kind().word())
                            .collect(Collectors.joining(", "))
                    + ".");
        }
        return all;
    }
}
