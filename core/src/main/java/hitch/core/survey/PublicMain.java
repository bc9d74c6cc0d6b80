package hitch.core.survey;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.line.LineFacts;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Where the line ends at the public main, and what was seen beyond. A camera is often pushed on up or down the main to make
 * sure of it; that is footage in the main and no pipe of the line.
 */
public final class PublicMain {
    /** A thing marked this little past the connection still is of the line: people mark what lies ahead of the lens. */
    static final long AT_THE_MAIN_MM = Math.round(0.75 * Distance.MM_PER_FOOT);

    private PublicMain() {}

    /** Where the line meets the main: as typed, else as seen, the farthest where it was marked more than once. */
    public static Optional<Station> at(LineFacts facts, List<LocatedFinding> findings) {
        return facts.main()
                .or(() -> findings.stream()
                        .filter(f -> f.finding().kind() == FindingKind.MAIN_CONNECTION
                                && !f.finding().certainty().isGuess()
                                && f.branch().equals(Branch.LINE))
                        .flatMap(f -> f.extent().stream())
                        .map(e -> e.to())
                        .max(Comparator.naturalOrder()));
    }

    /** The findings with those that lie in the main said to lie there. */
    public static List<LocatedFinding> parted(List<LocatedFinding> findings, Optional<Station> main) {
        return main.isEmpty()
                ? findings
                : findings.stream()
                        .map(f -> isBeyond(f, main.get()) ? f.on(Branch.MAIN) : f)
                        .toList();
    }

    private static boolean isBeyond(LocatedFinding found, Station main) {
        return found.branch().equals(Branch.LINE)
                && found.finding().kind() != FindingKind.MAIN_CONNECTION
                && found.extent()
                        .filter(e -> e.from().mm() > main.mm() + AT_THE_MAIN_MM)
                        .isPresent();
    }
}
