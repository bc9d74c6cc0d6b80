package hitch.core.rules;

import hitch.core.detail.Detail;
import hitch.core.detail.Shape;
import hitch.core.detail.Step;
import hitch.core.finding.Certainty;
import hitch.core.finding.Degree;
import hitch.core.finding.Finding;
import hitch.core.finding.Lasting;
import hitch.core.finding.Weight;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Inches;
import java.util.Optional;

/** Gives a finding its weight by the house rules, unless the reviewer set it by hand. */
public final class Weigher {
    /** Share of the bore from which little of it is left open, and from which what takes it is to be cleaned out. */
    private static final int LITTLE_LEFT = 75;

    private static final int MUCH_TAKEN = 25;

    private final HouseRules rules;

    public Weigher(HouseRules rules) {
        this.rules = rules;
    }

    /**
     * @param extent where the finding lies, for what is judged by its length
     * @param lasting whether it is still so
     */
    public Weighed weigh(Finding finding, Optional<Extent> extent, Lasting lasting) {
        return finding.weightSet()
                .map(w -> new Weighed(w, "the reviewer set it"))
                .orElseGet(() -> sure(now(holding(byRules(finding, extent), finding), lasting), finding.certainty()));
    }

    /** Where a measured size lies so near to a limit that the truth may lie on its other side, that is told. */
    private static Weighed near(Weighed then, Finding finding, double limit, String limitShown) {
        return finding.told()
                .filter(s -> s.straddles(limit))
                .map(s -> new Weighed(
                        then.weight(),
                        then.because() + "; measured " + s.offBy() + ", so it may as well be "
                                + (s.value() >= limit ? "under " : "over ") + limitShown))
                .orElse(then);
    }

    /** What is not sure asks first for another look: one weight less than if it were, but never less than watch. */
    private static Weighed sure(Weighed then, Certainty certainty) {
        if (certainty == Certainty.RULED_OUT) {
            return new Weighed(Weight.NOTED, "it was ruled out");
        }
        if (certainty.isTaken() || then.weight().compareTo(Weight.WATCH) <= 0) {
            return then;
        }
        return new Weighed(
                Weight.values()[then.weight().ordinal() - 1],
                then.because() + "; less, for it is not sure (" + certainty.word() + ")");
    }

    /** What is over asks for nothing, and what the camera broke through for no more than care. */
    private static Weighed now(Weighed then, Lasting lasting) {
        return switch (lasting) {
            case DRAINED -> new Weighed(Weight.NOTED, "the water was only running");
            case OURS -> new Weighed(Weight.NOTED, "the visit itself brought it in");
            case CLEANED_SINCE -> new Weighed(Weight.NOTED, "the pipe was cleaned and looked at again");
            case BROKEN_BY_THE_CAMERA ->
                then.weight().compareTo(Weight.TEND) > 0
                        ? new Weighed(Weight.TEND, "the camera broke through it; what is left can be cleaned out")
                        : then;
            case LASTS, STANDS, NOT_WAITED, MOVED -> then;
        };
    }

    /** What holds back what should pass is to be tended, however small it is. */
    private static Weighed holding(Weighed then, Finding finding) {
        return finding.traits()
                .details()
                .get(Detail.HOLDS)
                .filter(h -> then.weight().compareTo(Weight.TEND) < 0)
                .map(h -> new Weighed(Weight.TEND, "it holds back " + h))
                .orElse(then);
    }

    private Weighed byRules(Finding finding, Optional<Extent> extent) {
        int share = finding.traits().share().orElse(0);
        return switch (finding.kind()) {
            case ROOTS -> roots(finding, share);
            case OFFSET, GAP -> step(finding);
            case BREAK, HOLE, SOIL -> new Weighed(Weight.MEND, "soil and roots can come in where the wall is open");
            case DEFORMATION -> shape(finding);
            case CRACK, BLISTER -> degree(finding, "the wall is damaged but still stands");
            case SCALE -> scale(finding, share);
            case DEBRIS, SLUDGE, GREASE, SCUM, PAPER, WIPES ->
                share >= LITTLE_LEFT
                        ? new Weighed(Weight.STOP, "little of the bore is left open")
                        : new Weighed(Weight.TEND, "it can be cleaned out");
            case LIME -> degree(finding, "hard water leaves more of it each year");
            case INSECTS -> new Weighed(Weight.WATCH, "animals come in where a pipe is open");
            case BLOCKAGE ->
                share > 0 && share < LITTLE_LEFT
                        ? new Weighed(Weight.MEND, "it takes " + share + " % of the bore")
                        : new Weighed(Weight.STOP, "the bore is blocked");
            case STANDING_WATER -> water(extent);
            case FLAT_GRADE -> new Weighed(Weight.WATCH, "solids settle where the pipe lies flat");
            case REVERSE_GRADE -> new Weighed(Weight.TEND, "water stands where the pipe falls the wrong way");
            case REPAIR -> degree(finding, "a repair is worth a look at each cleaning");
            case UNDER_WATER -> new Weighed(Weight.TEND, "what lies under the water could not be judged");
            case LIMIT -> new Weighed(Weight.WATCH, "the pipe beyond it was not seen");
            case PART_SEEN -> new Weighed(Weight.NOTED, "what was hidden could not be judged");
            case MATERIAL_CHANGE,
                    SIZE_CHANGE,
                    JOINT,
                    COUPLING,
                    BEND,
                    DROP,
                    TIE_IN,
                    OPENING,
                    BACKWATER_VALVE,
                    END,
                    BOUNDARY,
                    MAIN_CONNECTION,
                    SKID_MARKS,
                    REMARK -> new Weighed(Weight.NOTED, "it is part of the pipe");
            case LOCATE, FIXTURE_TEST, EQUIPMENT, SURFACE, CLEANED, SYMPTOM, PROMISE, VERDICT, ADVICE ->
                new Weighed(Weight.NOTED, "it was told, not found in the pipe");
        };
    }

    private Weighed roots(Finding finding, int share) {
        if (share >= 90) {
            return new Weighed(Weight.STOP, "they close the bore");
        }
        int limit = rules.weighing().rootShareToMend();
        if (share >= limit) {
            return near(
                    new Weighed(
                            Weight.MEND,
                            "they take " + share + " % of the bore, at or over the rule's " + limit + " %"),
                    finding,
                    limit,
                    limit + " %");
        }
        return near(byDegree(finding), finding, limit, limit + " %");
    }

    private static Weighed byDegree(Finding finding) {
        Degree degree = finding.traits().degree().orElse(Degree.MEDIUM);
        return switch (degree) {
            case LIGHT -> new Weighed(Weight.WATCH, "they are light");
            case MEDIUM -> new Weighed(Weight.TEND, "roots in a joint grow back");
            case HEAVY -> new Weighed(Weight.MEND, "they are heavy");
        };
    }

    private Weighed scale(Finding finding, int share) {
        if (share >= LITTLE_LEFT) {
            return new Weighed(Weight.STOP, "little of the bore is left open");
        }
        return share >= MUCH_TAKEN
                ? new Weighed(Weight.TEND, "it takes " + share + " % of the bore")
                : degree(finding, "the wall is rough, and damaged under it, but still stands");
    }

    /** A step up catches solids; one down with the flow is minor, and asks for one weight less. */
    private Weighed step(Finding finding) {
        Weighed weighed = stepBySize(finding);
        boolean down = finding.traits()
                .details()
                .get(Detail.STEP)
                .filter(s -> s == Step.DOWN)
                .isPresent();
        return down && weighed.weight().compareTo(Weight.WATCH) > 0
                ? new Weighed(
                        Weight.values()[weighed.weight().ordinal() - 1],
                        weighed.because() + "; less, for it steps down with the flow")
                : weighed;
    }

    private Weighed stepBySize(Finding finding) {
        Optional<Distance> size = finding.traits().size();
        if (size.isEmpty()) {
            return degree(finding, "its size was not given");
        }
        Distance mend = rules.weighing().offsetToMend();
        Distance tend = rules.weighing().offsetToTend();
        Weighed weighed = size.get().compareTo(mend) >= 0
                ? new Weighed(Weight.MEND, over(size.get(), mend))
                : size.get().compareTo(tend) >= 0
                        ? new Weighed(Weight.TEND, over(size.get(), tend))
                        : new Weighed(
                                Weight.WATCH, Inches.show(size.get()) + " is under the rule's " + Inches.show(tend));
        // Of two limits the nearer one may be on the other side.
        Distance limit =
                size.get().minus(mend).abs().compareTo(size.get().minus(tend).abs()) < 0 ? mend : tend;
        return near(weighed, finding, limit.mm(), Inches.show(limit));
    }

    private static String over(Distance size, Distance rule) {
        return Inches.show(size) + " is at or over the rule's " + Inches.show(rule);
    }

    private Weighed water(Optional<Extent> extent) {
        boolean longEnough = extent.map(Extent::length)
                        .orElse(Distance.ZERO)
                        .compareTo(rules.weighing().waterToTend())
                >= 0;
        return longEnough
                ? new Weighed(Weight.TEND, "water stands over a long enough stretch to collect solids")
                : new Weighed(Weight.WATCH, "the stretch is short and drains through");
    }

    /** Pressed smoothly out of its round a whole pipe carries as before. */
    private static Weighed shape(Finding finding) {
        boolean smooth = finding.traits()
                .details()
                .get(Detail.SHAPE)
                .filter(s -> s == Shape.SMOOTH)
                .isPresent();
        boolean heavy = finding.traits().degree().filter(d -> d == Degree.HEAVY).isPresent();
        return smooth && !heavy
                ? new Weighed(Weight.NOTED, "it is pressed smoothly and the wall is whole")
                : degree(finding, "the wall is damaged but still stands");
    }

    private static Weighed degree(Finding finding, String because) {
        return switch (finding.traits().degree().orElse(Degree.MEDIUM)) {
            case LIGHT, MEDIUM -> new Weighed(Weight.WATCH, because);
            case HEAVY -> new Weighed(Weight.TEND, "it is heavy");
        };
    }
}
