package hitch.desk.mark;

import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.job.Job;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The kinds that are noted most often on a job: those a key begins a note with. */
final class CommonKinds {
    /** What a line is most likely to have before anything was noted on it. */
    private static final List<FindingKind> USUAL = List.of(
            FindingKind.ROOTS, FindingKind.OFFSET, FindingKind.CRACK, FindingKind.STANDING_WATER, FindingKind.SCALE);

    private CommonKinds() {}

    /** Five kinds, the commonest first. */
    static List<FindingKind> of(Job job) {
        Map<FindingKind, Integer> counts = new LinkedHashMap<>();
        for (Finding finding : job.findings()) {
            FindingKind.Family family = finding.kind().family();
            if (family == FindingKind.Family.CONDITION || family == FindingKind.Family.WATER) {
                counts.merge(finding.kind(), 1, Integer::sum);
            }
        }
        Stream<FindingKind> often = counts.entrySet().stream()
                .sorted(Comparator.comparing((Map.Entry<FindingKind, Integer> e) -> -e.getValue()))
                .map(Map.Entry::getKey);
        return Stream.concat(often, USUAL.stream())
                .distinct()
                .limit(USUAL.size())
                .toList();
    }
}
