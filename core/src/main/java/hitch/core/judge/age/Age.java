package hitch.core.judge.age;

import hitch.core.measure.Range;
import hitch.core.pipe.Material;
import hitch.core.pipe.PipeSpan;
import hitch.core.rules.AgeRules;
import hitch.core.rules.MaterialAge;
import java.util.Optional;

/**
 * How old a stretch of pipe is.
 *
 * @param branch where
 * @param span the stretch
 * @param material what it is made of
 * @param original whether it can be as old as the house
 * @param laid the years it may have been laid in
 * @param left years it may still last, taken from the year a careful person takes it to be from
 * @param words all of it in a sentence or two
 */
public record Age(
        String branch, PipeSpan span, Material material, Original original, Range laid, Range left, String words) {

    /** Whether a pipe can be as old as the house. */
    public enum Original {
        /** Somebody told when it was laid. */
        TOLD,
        CAN_BE,
        /** The house is older than the material: it was laid later. */
        LATER,
        /** The material was not laid any more when the house was built. */
        CANNOT,
        /** Nobody told when the house was built. */
        NOT_KNOWN
    }

    /**
     * The age of a stretch; empty where its material has no age in the rules, where it is lined, or where it is not known what year it is.
     *
     * @param built the year the house was built in
     * @param year of the visit
     */
    static Optional<Age> of(
            String branch, PipeSpan span, AgeRules rules, Optional<Integer> built, Optional<Integer> year) {
        Optional<MaterialAge> usual = span.material().flatMap(rules::of);
        if (usual.isEmpty() || year.isEmpty() || span.pipe().lining().isPresent()) {
            return Optional.empty();
        }
        int now = year.get();
        MaterialAge m = usual.get();
        int first = m.from() - rules.doubt();
        int last = Math.min(now, m.to() >= MaterialAge.STILL ? now : m.to() + rules.doubt());
        Optional<Integer> told = span.pipe().laid();
        Original original = told.isPresent()
                ? Original.TOLD
                : built.map(b -> b > last ? Original.CANNOT : b < first ? Original.LATER : Original.CAN_BE)
                        .orElse(Original.NOT_KNOWN);
        Range laid = told.map(Range::of)
                .orElseGet(() -> new Range(original == Original.CAN_BE ? built.get() : Math.min(first, last), last));
        // A careful person takes what can be original for original.
        double youngest = original == Original.CAN_BE ? laid.low() : laid.high();
        Range left = new Range(Math.max(0, m.least() - (now - laid.low())), Math.max(0, m.most() - (now - youngest)));
        Material material = span.material().get();
        return Optional.of(
                new Age(branch, span, material, original, laid, left, words(material, m, original, laid, left, built)));
    }

    /** Whether it is past all that its material usually lasts. */
    public boolean isOver() {
        return original != Original.CANNOT && left.high() <= 0;
    }

    private static String words(
            Material material, MaterialAge m, Original original, Range laid, Range left, Optional<Integer> built) {
        String name = material == Material.PVC || material == Material.ABS
                ? material.word()
                : Character.toUpperCase(material.word().charAt(0))
                        + material.word().substring(1);
        String when = switch (original) {
            case TOLD -> name + ", laid in " + year(laid.low()) + ".";
            case CAN_BE -> name + " can be as old as the house, of " + built.orElseThrow() + ".";
            case LATER ->
                name + " was hardly laid before " + m.from() + ", so it is younger than the house of "
                        + built.orElseThrow() + ": something older was replaced.";
            case CANNOT ->
                name + " was hardly laid after " + m.to() + ", yet the house is of " + built.orElseThrow()
                        + ": the year or the material is wrong, or older pipe was kept.";
            case NOT_KNOWN ->
                name + " was laid from " + m.from() + (m.to() >= MaterialAge.STILL ? " on." : " to " + m.to() + ".");
        };
        if (original == Original.CANNOT) {
            return when;
        }
        String lasts = " It usually lasts " + m.least() + " to " + m.most() + " years";
        return when
                + lasts
                + (left.high() <= 0
                        ? "; it is past all of them."
                        : left.low() <= 0
                                ? "; a careful person counts on none of what may be left, up to "
                                        + Math.round(left.high()) + " years."
                                : "; a careful person counts on " + Math.round(left.low()) + " more.");
    }

    private static String year(double year) {
        return Long.toString(Math.round(year));
    }
}
