package hitch.core.disclosure;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Extent;
import hitch.core.pipe.Branch;
import hitch.core.survey.HiddenWall;
import hitch.core.survey.OpeningLeft;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.SeenPart;
import hitch.core.survey.Survey;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What was passed and never seen well, or of which a part of the wall was hidden. */
final class Unseen {
    private final Survey survey;
    private final Disclosure may;
    private final Optional<PublicPart> part;

    Unseen(Survey survey, Disclosure may, Optional<PublicPart> part) {
        this.survey = survey;
        this.may = may;
        this.part = part;
    }

    /** A sentence each. */
    List<String> told() {
        List<String> told = new ArrayList<>();
        for (SeenPart unseen : survey.unseen()) {
            here(unseen.branch(), unseen.extent())
                    .ifPresent(e -> told.add("From "
                            + survey.line()
                                    .place(unseen.branch(), e, may.unit())
                                    .all() + ": the footage is " + unseen.why()
                            + " there"));
        }
        for (HiddenWall wall : survey.line().seeing().hidden()) {
            here(wall.branch(), wall.extent()).ifPresent(e -> told.add(hidden(wall, e)));
        }
        may.findings().stream()
                .filter(f -> f.finding().kind() == FindingKind.PART_SEEN && !isReckoned(f))
                .forEach(f -> told.add(hidden(f)));
        for (OpeningLeft left : survey.line().openingsLeft()) {
            here(left.branch(), Extent.at(left.at()))
                    .ifPresent(e -> told.add("At "
                            + survey.line().place(left.branch(), e, may.unit()).all() + ": " + left.words()));
        }
        return told;
    }

    /** What of a stretch may be told; a public part is the line's own. */
    private Optional<Extent> here(String branch, Extent extent) {
        return part.isEmpty()
                ? Optional.of(extent)
                : part.filter(p -> branch.equals(Branch.LINE)).flatMap(p -> p.of(extent));
    }

    private String hidden(HiddenWall wall, Extent where) {
        return "From " + survey.line().place(wall.branch(), where, may.unit()).all() + ": "
                + "about " + Math.round(100 * wall.hidden().share()) + " % of the wall was hidden on every pass, "
                + wall.hidden().words() + ", by " + may.text(wall.by());
    }

    /** Whether it is told with the stretch of wall that it hides. */
    private static boolean isReckoned(LocatedFinding found) {
        return found.finding().traits().clock().isPresent()
                && found.extent().filter(e -> !e.isPoint()).isPresent();
    }

    private String hidden(LocatedFinding found) {
        return "From " + may.place(found).map(PlaceWords::all).orElse("a place nobody noted")
                + ": a part of the wall was hidden"
                + found.finding().traits().clock().map(c -> ", " + c.words()).orElse("")
                + found.finding()
                        .traits()
                        .details()
                        .get(Detail.CAUSE)
                        .map(c -> ", by " + c)
                        .orElse("");
    }
}
