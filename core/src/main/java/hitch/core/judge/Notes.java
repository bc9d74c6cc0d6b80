package hitch.core.judge;

import hitch.core.judge.age.Age;
import hitch.core.judge.matter.Case;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Material;
import hitch.core.pipe.PipeSpan;
import hitch.core.survey.told.Joints;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What is worth knowing and asks for nothing by itself. */
final class Notes {
    private static final Set<Material> NEW = EnumSet.of(Material.PVC, Material.ABS);

    private Notes() {}

    static List<String> of(Case in, List<Age> ages) {
        List<String> notes = new ArrayList<>();
        for (Age age : ages) {
            notes.add(in.place(age.branch(), age.span().extent()) + ": " + age.words());
        }
        newer(in).ifPresent(notes::add);
        Joints.of(in.survey().findings()).forEach(t -> notes.add(t.sentence() + "."));
        return notes;
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
