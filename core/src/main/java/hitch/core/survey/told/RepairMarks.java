package hitch.core.survey.told;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Whether both ends of what is to be dug have a mark and a depth above them; they need one before anybody leaves. */
public final class RepairMarks {
    private static final String START = "start of repair";
    private static final String END = "end of repair";
    private static final String BOTH = "both ends of repair";

    private RepairMarks() {}

    /** What is still to be marked, a sentence each. */
    public static List<String> missing(List<LocatedFinding> findings) {
        Set<String> taken = findings.stream()
                .filter(f -> f.finding().kind() == FindingKind.LOCATE)
                .flatMap(f -> f.finding().traits().details().get(Detail.ASKS).stream())
                .collect(Collectors.toSet());
        List<String> missing = new ArrayList<>();
        if (!taken.contains(BOTH) && taken.contains(START) != taken.contains(END)) {
            missing.add("The " + (taken.contains(START) ? "end" : "start")
                    + " of the repair has no mark and no depth yet.");
        }
        findings.stream()
                .filter(f -> f.finding().kind() == FindingKind.REMARK)
                .filter(f -> f.finding()
                        .traits()
                        .details()
                        .get(Detail.ASKS)
                        .filter("locate"::equals)
                        .isPresent())
                .forEach(f -> missing.add("Not located: " + f.finding().wording()));
        return List.copyOf(missing);
    }
}
