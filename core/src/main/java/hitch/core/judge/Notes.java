package hitch.core.judge;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.judge.age.Age;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Number;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Material;
import hitch.core.pipe.PipeSpan;
import hitch.core.survey.told.Joints;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** What is worth knowing and asks for nothing by itself. */
final class Notes {
    private static final Set<Material> NEW = EnumSet.of(Material.PVC, Material.ABS);

    private static final Set<FindingKind> SHIFTED = EnumSet.of(FindingKind.OFFSET, FindingKind.GAP);
    private static final Pattern MOVING =
            Pattern.compile("\\b(?:clay(?:ey)? (?:soil|ground)|moving ground|ground (?:moves|shifts|settles))\\b");
    /** One shifted joint may be a poor joint; so many are the ground. */
    private static final int SEVERAL = 4;

    private Notes() {}

    static List<String> of(Case in, List<Age> ages) {
        List<String> notes = new ArrayList<>();
        for (Age age : ages) {
            notes.add(in.place(age.branch(), age.span().extent()) + ": " + age.words());
        }
        newer(in).ifPresent(notes::add);
        moving(in).ifPresent(notes::add);
        Joints.of(in.survey().findings()).forEach(t -> notes.add(t.sentence() + "."));
        return notes;
    }

    /** Joints that have shifted one after the other tell of the ground and not of the pipe. */
    private static Optional<String> moving(Case in) {
        List<LocatedFinding> shifted = in.findings().stream()
                .filter(f -> SHIFTED.contains(f.finding().kind())
                        && f.finding().certainty().isTaken()
                        && f.extent().isPresent())
                .toList();
        Optional<LocatedFinding> told = in.survey().findings().stream()
                .filter(f -> MOVING.matcher(f.finding().wording().toLowerCase(Locale.ROOT))
                        .find())
                .findFirst();
        if (shifted.size() < SEVERAL && (told.isEmpty() || shifted.isEmpty())) {
            return Optional.empty();
        }
        return Optional.of((shifted.size() == 1 ? "A joint has" : "Joints have") + " shifted "
                + (shifted.size() == 1
                        ? in.place(shifted.getFirst())
                        : "at " + Number.words(shifted.size()) + " places")
                + (told.isPresent() ? ", and the ground is said to move" : "")
                + ": what is mended stiffly breaks again beside the repair, so ask what the ground is.");
    }

    /** Newer pipe beyond the boundary: somebody mended there. */
    private static Optional<String> newer(Case in) {
        Optional<Station> boundary = in.line().whose().boundary();
        List<PipeSpan> spans = in.line().main().map(w -> w.spans()).orElse(List.of());
        if (boundary.isEmpty()) {
            return Optional.empty();
        }
        boolean oldHere = spans.stream()
                .filter(s -> s.extent().from().compareTo(boundary.get()) < 0)
                .reduce((a, b) -> b)
                .flatMap(PipeSpan::material)
                .filter(m -> !NEW.contains(m))
                .isPresent();
        return spans.stream()
                .filter(s -> s.extent().to().compareTo(boundary.get()) > 0
                        && s.material().filter(NEW::contains).isPresent())
                .findFirst()
                .filter(s -> oldHere)
                .map(s -> "The pipe is newer past the boundary, " + in.place(Branch.LINE, s.extent())
                        + ": somebody mended there, so ask whoever owns it what was done.");
    }
}
