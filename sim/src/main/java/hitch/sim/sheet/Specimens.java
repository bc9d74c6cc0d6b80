package hitch.sim.sheet;

import hitch.core.pipe.Material;
import hitch.sim.scene.Act;
import hitch.sim.scene.Deed;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** All that can be drawn, by sheet: each thing in a sort, a degree and a pipe that it is met in. */
public final class Specimens {
    private static final Specimen CLAY = Specimen.pipe(Material.CLAY, 4, "");
    private static final Specimen GLAZED = Specimen.pipe(Material.CLAY, 6, "glazed");
    private static final Specimen IRON = Specimen.pipe(Material.CAST_IRON, 4, "");
    private static final Specimen TAR = Specimen.pipe(Material.TAR_FIBRE, 4, "");
    private static final Specimen WHITE = Specimen.pipe(Material.PVC, 4, "");
    private static final Specimen WIDE = Specimen.pipe(Material.PVC, 6, "");
    private static final Specimen GREY = Specimen.pipe(Material.PVC, 3, "grey");
    private static final Specimen BLACK = Specimen.pipe(Material.ABS, 3, "");
    private static final Specimen CONCRETE = Specimen.pipe(Material.CONCRETE, 8, "");

    private Specimens() {}

    /** Sheets by name. */
    public static Map<String, List<Specimen>> all() {
        Map<String, List<Specimen>> sheets = new TreeMap<>();
        sheets.put("pipes", pipes());
        sheets.put("broken", broken());
        sheets.put("shape", shape());
        sheets.put("matter", matter());
        sheets.put("roots", roots());
        sheets.put("fittings", fittings());
        sheets.put("water", water());
        sheets.put("lens", lens());
        return sheets;
    }

    private static List<Specimen> pipes() {
        return List.of(
                CLAY,
                GLAZED,
                IRON,
                TAR,
                WHITE,
                GREY,
                BLACK,
                CONCRETE,
                Specimen.pipe(Material.CAST_IRON, 2, ""),
                Specimen.pipe(Material.STEEL, 4, ""),
                Specimen.pipe(Material.PVC, 4, "orange"),
                CLAY.along(Kind.LINER, -6, 8, 12, 0, "smooth").called("lined clay"));
    }

    private static List<Specimen> broken() {
        return List.of(
                CLAY.ahead(Kind.CRACK, 0.5, 1, 0.08, "along"),
                CLAY.ahead(Kind.CRACK, 0.7, 12, 0.15, "round"),
                GLAZED.ahead(Kind.CRACK, 0.6, 11, 0.2, "branching"),
                WHITE.ahead(Kind.CRACK, 0.6, 10, 0.12, "branching"),
                CLAY.ahead(Kind.BREAK, 0.8, 10, 2.5, "missing"),
                CLAY.ahead(Kind.BREAK, 0.8, 2, 3, "fallen"),
                IRON.ahead(Kind.HOLE, 0.7, 8, 2.4, "soil"),
                WHITE.ahead(Kind.HOLE, 0.7, 1, 2, "void"),
                CLAY.ahead(Kind.GAP, 0.8, 12, 0.6, "open"),
                CONCRETE.ahead(Kind.GAP, 1.0, 12, 1.5, "soil"),
                CLAY.ahead(Kind.SOIL, 1.0, 3, 0.25, "washed in"),
                CLAY.ahead(Kind.HOLE, 0.9, 2, 2.4, "soil")
                        .ahead(Kind.SOIL, 1.0, 2, 0.2, "washed in")
                        .called("hole with soil washed in"));
    }

    private static List<Specimen> shape() {
        return List.of(
                CLAY.ahead(Kind.OFFSET, 0.9, 12, 0.4, "bare").called("step up 0.4"),
                CLAY.ahead(Kind.OFFSET, 0.9, 6, 0.8, "bare").called("step down 0.8"),
                CLAY.ahead(Kind.OFFSET, 0.9, 3, 1.0, "bare").called("sideways 1.0"),
                CLAY.ahead(Kind.OFFSET, 0.9, 12, 1.0, "catching").called("step up 1.0, catching"),
                WHITE.along(Kind.DEFORMATION, 0.3, 2.4, 12, 0.45, "smooth"),
                WHITE.along(Kind.DEFORMATION, 0.4, 1.6, 11, 0.5, "sharp"),
                TAR.along(Kind.DEFORMATION, 0.2, 3, 12, 0.4, "smooth"),
                TAR.ahead(Kind.BLISTER, 0.8, 10, 0.2, "closed"),
                TAR.ahead(Kind.BLISTER, 0.7, 1, 0.35, "burst"),
                WHITE.along(Kind.BEND, 0.6, 1.2, 12, 45, "right"),
                IRON.along(Kind.BEND, 0.9, 1.4, 12, 45, "up"),
                CLAY.along(Kind.BEND, 0.8, 1.3, 12, 22, "left"),
                WHITE.along(Kind.BEND, 0.7, 1.3, 12, 85, "down").called("drop, 85 down"));
    }

    private static List<Specimen> matter() {
        return List.of(
                CLAY.along(Kind.SLUDGE, -1, 5, 12, 0.12, "grey"),
                CONCRETE.along(Kind.SLUDGE, -0.6, 5, 12, 0.3, "black"),
                WHITE.along(Kind.GREASE, -1, 3, 12, 0.25, "walls"),
                IRON.along(Kind.GREASE, 0.6, 2, 12, 0.8, "block"),
                WHITE.along(Kind.SCUM, -2, 6, 12, 0.55, "line"),
                CLAY.ahead(Kind.PAPER, 1.0, 12, 0.2, "clump"),
                WHITE.ahead(Kind.PAPER, 1.0, 12, 0.8, "clump").called("paper, blocked 0.8"),
                CLAY.ahead(Kind.WIPES, 0.8, 12, 0.15, "caught"),
                GREY.ahead(Kind.WIPES, 0.9, 12, 0.9, "caught").called("wipes, blocked 0.9"),
                CLAY.ahead(Kind.DEBRIS, 0.8, 12, 0.06, "gravel"),
                CLAY.ahead(Kind.DEBRIS, 0.8, 12, 0.08, "shards"),
                CLAY.ahead(Kind.SOIL, 1.0, 12, 0.85, "washed in").called("soil, blocked 0.85"),
                IRON.along(Kind.SCALE, -1, 8, 12, 0.9, "rust"),
                CLAY.ahead(Kind.LIME, 0.8, 10, 0.8, "streak"),
                CONCRETE.ahead(Kind.LIME, 0.9, 12, 0.7, "crust"));
    }

    private static List<Specimen> roots() {
        return List.of(
                CLAY.ahead(Kind.ROOTS, 0.8, 12, 0.08, "hair"),
                CLAY.ahead(Kind.ROOTS, 0.8, 12, 0.3, "hair"),
                CLAY.ahead(Kind.ROOTS, 0.8, 12, 0.25, "clump").called("roots from the top 0.25"),
                CLAY.ahead(Kind.ROOTS, 0.8, 9, 0.35, "clump").called("roots from one side 0.35"),
                CONCRETE.ahead(Kind.ROOTS, 1.0, 2, 0.5, "clump"),
                CLAY.ahead(Kind.ROOTS, 0.9, 12, 0.9, "mass"),
                IRON.ahead(Kind.ROOTS, 0.9, 12, 0.6, "mass"),
                CLAY.ahead(Kind.ROOTS, 0.7, 12, 0.1, "hangers"),
                WHITE.ahead(Kind.ROOTS, 0.8, 11, 0.2, "clump"));
    }

    private static List<Specimen> fittings() {
        return List.of(
                CLAY.along(Kind.LINER, 0.8, 8, 12, 0, "smooth").called("liner begins"),
                CLAY.along(Kind.LINER, -6, 0.9, 12, 0, "smooth").called("liner ends"),
                CLAY.along(Kind.LINER, -6, 8, 12, 0, "wrinkled"),
                IRON.along(Kind.COATING, 0.6, 8, 12, 0, "sprayed"),
                WHITE.ahead(Kind.COUPLING, 0.8, 12, 0, "banded"),
                WHITE.ahead(Kind.COUPLING, 0.8, 12, 0, "glued"),
                IRON.ahead(Kind.COUPLING, 0.8, 12, 0, "hub"),
                CLAY.ahead(Kind.REPAIR, 0.8, 2, 0.5, "mortar"),
                CLAY.ahead(Kind.REPAIR, 0.8, 10, 0.5, "sheet"),
                CLAY.ahead(Kind.TIE_IN, 0.7, 3, 2.5, "sealed"),
                WHITE.ahead(Kind.TIE_IN, 0.7, 10, 3, "sealed"),
                CLAY.ahead(Kind.TIE_IN, 0.7, 9, 2.5, "leaking"),
                CONCRETE.ahead(Kind.TIE_IN, 0.9, 2, 4, "broken in"),
                CLAY.ahead(Kind.TIE_IN, 0.7, 11, 2.5, "broken in"),
                CLAY.ahead(Kind.SEEP, 0.7, 1, 0.7, "wet"));
    }

    private static List<Specimen> water() {
        return List.of(
                WIDE.along(Kind.SAG, 0.5, 9, 12, 0.2, "belly"),
                CLAY.along(Kind.SAG, -4, 8, 12, 0.6, "belly").called("sag, at the lens 0.6"),
                CLAY.along(Kind.SAG, -4, 8, 12, 1.2, "belly").called("sag, over the lens 1.2"),
                CLAY.along(Kind.SAG, -3, 1.2, 12, 0.3, "held")
                        .ahead(Kind.OFFSET, 1.2, 12, 0.7, "bare")
                        .called("joint that holds water back"),
                WHITE.along(Kind.FLOW, -8, 11, 12, 0.12, "running"),
                CLAY.along(Kind.FLOW, -8, 11, 12, 0.25, "running"),
                WHITE.taken(
                                Specimen.push(
                                        "main", 4, 4.1, 12, new Deed(Act.FLUSH, 0, Double.POSITIVE_INFINITY, 0.35)),
                                3.4)
                        .called("a flush arrives"),
                WIDE.ahead(Kind.MAIN, 12, 3, 10, "clay")
                        .taken(Specimen.push("main", 15.2, 15.4, 4), 1)
                        .called("the main"),
                WIDE.ahead(Kind.MAIN, 12, 3, 10, "concrete")
                        .taken(Specimen.push("main", 17.6, 17.9, 4), 1)
                        .called("down the main"),
                WHITE.ahead(Kind.VENT, -4, 12, 0, "daylight")
                        .taken(Specimen.push("building", -1.4, -1.2, 4), 1)
                        .called("daylight at a vent"),
                WHITE.taken(Specimen.push("main", 6, 9, 0.9), 0.4).called("fast pull-back"),
                CLAY.ahead(Kind.PLUG, 0.8, 12, 0.9, "soft"),
                CLAY.ahead(Kind.PLUG, 2.3, 12, 0.9, "soft")
                        .taken(Specimen.push("main", 5.2, 6.5, 6), 5.9)
                        .called("plug, broken up"));
    }

    private static List<Specimen> lens() {
        Scenario.Pipe pipe = CLAY.scenario().pipes().getFirst();
        return List.of(
                CLAY.called("skid, 4 in"),
                CLAY.meanwhile(Act.GUIDE, 1).called("guide on"),
                CLAY.meanwhile(Act.ROLL, 120).called("rolled over"),
                CLAY.meanwhile(Act.FOG, 0.35),
                WHITE.meanwhile(Act.FOG, 0.8),
                WHITE.meanwhile(Act.SMEAR, 0.7),
                CLAY.meanwhile(Act.SCRATCHES, 0.7),
                WHITE.meanwhile(Act.FOAM, 0.5),
                pipe.size() > 3 ? IRON.meanwhile(Act.FOAM, 0.9) : IRON);
    }
}
