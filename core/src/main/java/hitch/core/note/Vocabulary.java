package hitch.core.note;

import hitch.core.finding.FindingKind;
import hitch.core.line.Material;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** The words the note line knows for kinds and materials, longest first so that the fuller phrase wins. */
final class Vocabulary {
    record Word<T>(String phrase, T meaning) {}

    static final List<Word<FindingKind>> KINDS = sorted(Map.ofEntries(
            Map.entry(FindingKind.ROOTS, List.of("roots", "root", "root mass", "root ball", "root intrusion")),
            Map.entry(
                    FindingKind.OFFSET,
                    List.of(
                            "offset",
                            "offset joint",
                            "joint offset",
                            "step up",
                            "step down",
                            "lip",
                            "displaced joint")),
            Map.entry(FindingKind.GAP, List.of("gap", "open joint", "separation", "separated joint", "joint gap")),
            Map.entry(FindingKind.CRACK, List.of("crack", "cracks", "cracked", "hairline", "fracture")),
            Map.entry(FindingKind.BREAK, List.of("break", "broken", "broken pipe", "missing piece", "collapse")),
            Map.entry(FindingKind.HOLE, List.of("hole", "hole in pipe", "soil showing", "void")),
            Map.entry(
                    FindingKind.DEFORMATION, List.of("deformation", "deformed", "out of round", "squashed", "blister")),
            Map.entry(FindingKind.SCALE, List.of("scale", "scaling", "scaled", "rust", "pitting", "corrosion")),
            Map.entry(FindingKind.DEBRIS, List.of("debris", "gravel", "stones", "dirt", "sludge", "paper")),
            Map.entry(FindingKind.GREASE, List.of("grease", "fat", "soap scum")),
            Map.entry(FindingKind.WIPES, List.of("wipes", "wipe", "rags")),
            Map.entry(FindingKind.BLOCKAGE, List.of("blockage", "blocked", "plugged", "obstruction")),
            Map.entry(
                    FindingKind.STANDING_WATER,
                    List.of("standing water", "water standing", "sag", "belly", "ponding", "holding water", "water")),
            Map.entry(FindingKind.UNDER_WATER, List.of("under water", "underwater", "camera under water")),
            Map.entry(FindingKind.MATERIAL_CHANGE, List.of("material change", "change of material", "transition")),
            Map.entry(FindingKind.SIZE_CHANGE, List.of("size change", "change of size", "reducer", "increaser")),
            Map.entry(FindingKind.JOINT, List.of("joint", "hub")),
            Map.entry(FindingKind.COUPLING, List.of("coupling", "banded coupling", "rubber coupling", "band")),
            Map.entry(FindingKind.BEND, List.of("bend", "elbow", "turn")),
            Map.entry(FindingKind.TIE_IN, List.of("tie-in", "tie in", "branch", "wye", "connection", "lateral")),
            Map.entry(FindingKind.OPENING, List.of("opening", "cleanout", "clean out", "access")),
            Map.entry(FindingKind.BOUNDARY, List.of("boundary", "property line", "curb", "sidewalk", "building wall")),
            Map.entry(
                    FindingKind.MAIN_CONNECTION,
                    List.of("main connection", "connection to main", "tap at main", "the main", "city main", "main")),
            Map.entry(
                    FindingKind.LIMIT,
                    List.of(
                            "limit",
                            "can't get past",
                            "cannot get past",
                            "could not pass",
                            "stopped here",
                            "not seen"))));

    static final List<Word<Material>> MATERIALS = sorted(Map.of(
            Material.CLAY, List.of("clay", "vcp", "tile"),
            Material.CAST_IRON, List.of("cast iron", "cast", "iron"),
            Material.PVC, List.of("pvc", "plastic"),
            Material.ABS, List.of("abs"),
            Material.CONCRETE, List.of("concrete", "cement"),
            Material.TAR_FIBRE, List.of("tar-fibre", "tar fibre", "tar-fiber", "tar fiber", "tar paper"),
            Material.STEEL, List.of("steel"),
            Material.LINED, List.of("lined", "liner", "lining")));

    private Vocabulary() {}

    private static <T> List<Word<T>> sorted(Map<T, List<String>> phrases) {
        List<Word<T>> words = new ArrayList<>();
        phrases.forEach((meaning, list) -> list.forEach(phrase -> words.add(new Word<>(phrase, meaning))));
        words.sort(Comparator.comparingInt((Word<T> w) -> -w.phrase().length()).thenComparing(Word::phrase));
        return List.copyOf(words);
    }
}
