package hitch.core.finding;

import hitch.core.gauge.SizeSort;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What a finding is, in the trade's plain words. */
public enum FindingKind implements Topic {
    ROOTS("roots", Family.CONDITION),
    OFFSET("offset", Family.CONDITION),
    GAP("gap", Family.CONDITION),
    CRACK("crack", Family.CONDITION),
    BREAK("break", Family.CONDITION),
    HOLE("hole", Family.CONDITION),
    /** Soil that washes in. */
    SOIL("soil", Family.CONDITION),
    DEFORMATION("deformation", Family.CONDITION),
    /** A wall that has swollen inwards, as tar fibre does. */
    BLISTER("blister", Family.CONDITION),
    SCALE("scale", Family.CONDITION),
    /** A white crust that hard water leaves. */
    LIME("lime", Family.CONDITION),
    DEBRIS("debris", Family.CONDITION),
    SLUDGE("sludge", Family.CONDITION),
    GREASE("grease", Family.CONDITION),
    /** What soap leaves, which wipes off. */
    SCUM("scum", Family.CONDITION),
    PAPER("paper", Family.CONDITION),
    WIPES("wipes", Family.CONDITION),
    /** Insects and other animals. */
    INSECTS("insects", Family.CONDITION),
    /** What a guide, a skid or a tool left on the wall. */
    SKID_MARKS("skid marks", Family.CONDITION),
    BLOCKAGE("blockage", Family.CONDITION),
    STANDING_WATER("standing water", Family.WATER),
    UNDER_WATER("under water", Family.WATER),
    FLAT_GRADE("flat grade", Family.CONDITION),
    REVERSE_GRADE("reverse grade", Family.CONDITION),
    REPAIR("repair", Family.CONDITION),
    MATERIAL_CHANGE("material change", Family.FEATURE),
    SIZE_CHANGE("size change", Family.FEATURE),
    JOINT("joint", Family.FEATURE),
    COUPLING("coupling", Family.FEATURE),
    BEND("bend", Family.FEATURE),
    DROP("drop", Family.FEATURE),
    TIE_IN("tie-in", Family.FEATURE),
    OPENING("opening", Family.FEATURE),
    BACKWATER_VALVE("backwater valve", Family.FEATURE),
    BOUNDARY("boundary", Family.FEATURE),
    MAIN_CONNECTION("main connection", Family.FEATURE),
    END("end", Family.FEATURE),
    LIMIT("limit", Family.LIMIT),
    /** A stretch of which only a part of the wall was seen; its clock position is what was hidden. */
    PART_SEEN("part seen", Family.LIMIT),
    LOCATE("locate", Family.TOLD),
    FIXTURE_TEST("fixture test", Family.TOLD),
    /** A part of the camera's gear put on or taken off. */
    EQUIPMENT("equipment", Family.TOLD),
    /** What the ground above a stretch is covered with. */
    SURFACE("surface", Family.TOLD),
    /** A stretch that was cleaned. */
    CLEANED("cleaned", Family.TOLD),
    /** What the people of the house noticed. */
    SYMPTOM("symptom", Family.TOLD),
    /** A look that was promised for later. */
    PROMISE("promise", Family.TOLD),
    VERDICT("verdict", Family.TOLD),
    ADVICE("advice", Family.TOLD),
    REMARK("remark", Family.FEATURE);

    /** What sort of thing a kind is. */
    public enum Family {
        CONDITION,
        WATER,
        FEATURE,
        LIMIT,
        /** Nothing in the pipe: a locate, a test, advice. */
        TOLD
    }

    private final String word;
    private final Family family;

    FindingKind(String word, Family family) {
        this.word = word;
        this.family = family;
    }

    @Override
    public String word() {
        return word;
    }

    public Family family() {
        return family;
    }

    /** The kind that it is counted with where fine ones are too fine. */
    public FindingKind broad() {
        return switch (this) {
            case BLISTER -> DEFORMATION;
            case LIME -> SCALE;
            case SLUDGE, PAPER, INSECTS, SOIL -> DEBRIS;
            case SCUM -> GREASE;
            case PART_SEEN -> LIMIT;
            case EQUIPMENT, SURFACE, SYMPTOM, SKID_MARKS -> REMARK;
            default -> this;
        };
    }

    /** Whether there is something to look at in the pipe or above it, rather than something told of the visit. */
    public boolean isToBeSeen() {
        return switch (this) {
            case SURFACE, EQUIPMENT, CLEANED, SYMPTOM, PROMISE, VERDICT -> false;
            default -> true;
        };
    }

    /** What of it is measured on a picture; empty where its size is nothing that a picture shows. */
    public Optional<SizeSort> measuredBy() {
        return switch (this) {
            case OFFSET -> Optional.of(SizeSort.STEP);
            case GAP -> Optional.of(SizeSort.GAP);
            case CRACK -> Optional.of(SizeSort.LENGTH);
            case BREAK, HOLE, OPENING, TIE_IN -> Optional.of(SizeSort.WIDTH);
            case STANDING_WATER -> Optional.of(SizeSort.DEPTH);
            case ROOTS, SCALE, LIME, DEBRIS, SLUDGE, GREASE, SCUM, PAPER, WIPES, SOIL, BLOCKAGE ->
                Optional.of(SizeSort.SHARE);
            case DEFORMATION, BLISTER -> Optional.of(SizeSort.OUT_OF_ROUND);
            default -> Optional.empty();
        };
    }

    /** The kinds that a size is a size of. */
    public static List<FindingKind> measuredBy(SizeSort sort) {
        return Arrays.stream(values())
                .filter(k -> k.measuredBy().filter(sort::equals).isPresent())
                .toList();
    }

    /** The word as it begins a sentence. */
    public String title() {
        return Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }
}
