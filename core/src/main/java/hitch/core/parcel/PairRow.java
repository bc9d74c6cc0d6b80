package hitch.core.parcel;

import hitch.core.disclosure.Disclosure;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.FrameRef;
import hitch.core.judge.Judgement;
import hitch.core.judge.visit.Change;
import hitch.core.judge.visit.Compared;
import hitch.core.story.SideBySideShot;
import hitch.core.story.Story;
import hitch.core.survey.PlaceWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * One place at two times, as two stills that are laid over each other: before and after a cleaning, or at an earlier visit and now.
 *
 * @param title what is shown, and where
 * @param before file name of the still from before
 * @param after of the one from after
 * @param from when the one was taken, in words
 * @param to when the other was
 * @param was what was there
 * @param left what is there now; empty where nothing is
 * @param then where the one is taken from
 * @param now the frame of the other
 */
public record PairRow(
        String title,
        String before,
        String after,
        String from,
        String to,
        String was,
        String left,
        Source then,
        FrameRef now) {
    /** Where the still from before is taken from. */
    public sealed interface Source {}

    /** A frame of this job's footage. */
    public record OfFootage(FrameRef frame) implements Source {}

    /**
     * A still that was copied into this job when an earlier visit was laid beside it.
     *
     * @param visit the earlier visit's id
     * @param when its date; may be blank
     * @param finding the finding's id then
     */
    public record OfVisit(String visit, String when, String finding) implements Source {}

    private static final String KEY = "pair:";

    /**
     * Every pair that a parcel shows: those its film tells, then those with an earlier visit.
     *
     * @param kept whether a still of an earlier visit is there
     */
    public static List<PairRow> of(Disclosure may, Story story, Predicate<OfVisit> kept) {
        List<PairRow> rows = new ArrayList<>();
        cleanings(story, rows);
        may.judgement().map(Judgement::beside).orElse(List.of()).stream()
                .filter(b -> !b.visit().id().equals(Compared.CLEANING))
                .forEach(b -> b.changes().forEach(c -> visit(may, b, c, kept, rows)));
        return List.copyOf(rows);
    }

    private static void cleanings(Story story, List<PairRow> rows) {
        story.shots().forEach(shot -> {
            if (shot instanceof SideBySideShot side
                    && side.key().startsWith(KEY)
                    && side.panels().size() == 2) {
                SideBySideShot.Panel before = side.panels().getFirst();
                SideBySideShot.Panel after = side.panels().getLast();
                rows.add(new PairRow(
                        side.title(),
                        still(rows, "before"),
                        still(rows, "after"),
                        before.label(),
                        after.label(),
                        before.caption(),
                        after.caption(),
                        new OfFootage(before.frame()),
                        after.frame()));
            }
        });
    }

    private static void visit(
            Disclosure may, Compared beside, Change change, Predicate<OfVisit> kept, List<PairRow> rows) {
        Optional<LocatedFinding> now =
                change.now().flatMap(n -> may.finding(n.finding().id()));
        if (now.isEmpty() || change.then().isEmpty()) {
            return;
        }
        String when = beside.visit().when();
        OfVisit then =
                new OfVisit(beside.visit().id(), when, change.then().get().finding());
        if (kept.test(then)) {
            String from = when.isBlank() ? "then" : when;
            String place = may.place(now.get()).map(PlaceWords::all).orElse("");
            rows.add(new PairRow(
                    now.get().finding().kind().title() + ", " + from + " and now"
                            + (place.isEmpty() ? "" : ", " + place),
                    still(rows, "before"),
                    still(rows, "after"),
                    from,
                    "now",
                    may.text(change.then().get().words()),
                    now.get().finding().phrase(),
                    then,
                    now.get().finding().frame()));
        }
    }

    private static String still(List<PairRow> rows, String side) {
        return "stills/pair-" + (rows.size() + 1) + "-" + side + ".png";
    }
}
