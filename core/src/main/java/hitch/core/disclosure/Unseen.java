package hitch.core.disclosure;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Extent;
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
            Optional<Extent> here =
                    part.isEmpty() ? Optional.of(unseen.extent()) : part.get().of(unseen.extent());
            here.ifPresent(e -> told.add("From "
                    + survey.line().place(unseen.branch(), e, may.unit()).all() + ": the footage is " + unseen.why()
                    + " there"));
        }
        may.findings().stream()
                .filter(f -> f.finding().kind() == FindingKind.PART_SEEN)
                .forEach(f -> told.add(hidden(f)));
        survey.line().beyond(may.unit()).ifPresent(told::add);
        return told;
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
