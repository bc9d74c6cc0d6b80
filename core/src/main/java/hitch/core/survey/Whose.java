package hitch.core.survey;

import hitch.core.detail.Detail;
import hitch.core.finding.Finding;
import hitch.core.measure.Cover;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.rules.OwnersReach;
import java.util.List;
import java.util.Optional;

/**
 * Whose pipe it is, by the firm's school. Local rules decide: {@link #CHECK} always goes with it.
 *
 * @param school how far the owner's pipe is reckoned to go
 * @param boundary its station on the line; empty where nobody marked or typed it
 * @param typed whether it was typed rather than seen
 * @param boundaryGiven whether a boundary was typed that goes before the school's
 */
public record Whose(OwnersReach school, Optional<Station> boundary, boolean typed, boolean boundaryGiven) {
    public static final String CHECK = "Whose pipe it is beyond a boundary: check locally.";

    /** What a place is called that is the owner's, or is not. */
    public static String word(boolean owners) {
        return owners ? "owner's" : "public";
    }

    static Whose of(Evidence evidence, WayReckoner ways) {
        OwnersReach school = evidence.rules().owners();
        Optional<Station> given = evidence.facts().boundary();
        if (given.isPresent()) {
            return new Whose(school, given, true, true);
        }
        if (school == OwnersReach.TO_THE_MAIN) {
            return new Whose(school, ways.main(), evidence.facts().main().isPresent(), false);
        }
        Optional<Station> seen = evidence.on(Branch.LINE, hitch.core.finding.FindingKind.BOUNDARY)
                .filter(f -> !f.finding().certainty().isGuess())
                .filter(f -> names(school, f.finding().wording()) || isOwnOpening(school, f.finding()))
                .findFirst()
                .map(f -> f.extent().orElseThrow().middle());
        return new Whose(school, seen, false, false);
    }

    private static boolean isOwnOpening(OwnersReach school, Finding finding) {
        return school == OwnersReach.TO_THE_DISTRICTS_OPENING
                && finding.traits()
                        .details()
                        .get(Detail.EVIDENCE)
                        .filter(by -> by.contains(hitch.core.detail.Evidence.OWN_OPENING))
                        .isPresent();
    }

    private static boolean names(OwnersReach school, String words) {
        String text = words.toLowerCase(java.util.Locale.ROOT);
        return school.clues().stream().anyMatch(text::contains);
    }

    /**
     * Whether a place is the owner's; empty where the boundary is not known. A branch is whose the pipe is at its join.
     */
    public Optional<Boolean> isOwners(List<Way> ways, String branch, Station at) {
        if (branch.equals(Branch.MAIN)) {
            return Optional.of(false);
        }
        if (boundary.isEmpty()) {
            return Optional.empty();
        }
        if (branch.equals(Branch.LINE) && endsAtTheMain()) {
            return Optional.of(true);
        }
        Station place = at;
        String name = branch;
        for (int i = 0; i < ways.size() && !name.equals(Branch.LINE); i++) {
            String here = name;
            Optional<Way> way = ways.stream().filter(w -> w.name().equals(here)).findFirst();
            place = way.flatMap(Way::join).orElse(place);
            name = way.flatMap(Way::into).orElse(Branch.LINE);
        }
        return Optional.of(place.compareTo(boundary.get()) <= 0);
    }

    private boolean endsAtTheMain() {
        return school == OwnersReach.TO_THE_MAIN && !boundaryGiven;
    }

    /** How much of a stretch is the owner's, millimetres; all of it where the boundary is not known. */
    long ownersMm(List<Way> ways, String branch, Extent extent) {
        if (boundary.isEmpty()) {
            return extent.length().mm();
        }
        if (!branch.equals(Branch.LINE)) {
            return isOwners(ways, branch, extent.middle()).orElse(true)
                    ? extent.length().mm()
                    : 0;
        }
        Station low = extent.from().compareTo(boundary.get()) < 0 ? extent.from() : boundary.get();
        return Cover.of(extent).within(new Extent(low, boundary.get())).mm();
    }
}
