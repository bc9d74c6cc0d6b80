package hitch.core.survey;

import hitch.core.counter.CounterTrace;
import hitch.core.counter.CounterTrace.Knot;
import hitch.core.footage.ClipId;
import hitch.core.measure.Distance;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Opening;
import hitch.core.run.Equipment;
import hitch.core.run.Run;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** A run in sentences: where the camera went in, how far it came, and what is still to be said of it. */
public final class RunWords {
    private RunWords() {}

    /** {@code From the two-way cleanout in 4 in clay, 44.0 ft toward the main, on 2 clips.} */
    public static String facts(Survey survey, Run run) {
        Opening opening = run.opening();
        String from = opening.kind().isBlank() ? "From an opening nobody named" : "From the " + opening.kind();
        String pipe = opening.pipe().isUnknown() ? "" : " in " + opening.pipe().words();
        String branch = run.branch().equals(Branch.LINE) ? "" : " on the " + run.branch();
        String far = farthest(survey, run)
                .map(d -> ", " + survey.facts().unit().show(d) + " ")
                .orElse(", ");
        int clips = run.clips().size();
        String on = clips == 0 ? ", on no clip yet" : clips == 1 ? "" : ", on " + clips + " clips";
        return from + pipe + branch + far + run.direction().toward() + on + ".";
    }

    /** How far its camera came from where it went in; empty while no counter of it is read. */
    private static Optional<Distance> farthest(Survey survey, Run run) {
        return run.clips().stream()
                .flatMap(c -> Optional.ofNullable(survey.traces().get(c)).stream())
                .flatMap((CounterTrace t) -> t.knots().stream())
                .map(Knot::cable)
                .max(Long::compare)
                .map(mm -> new Distance(Math.max(0, mm - run.atThePipe().mm())));
    }

    /** What nobody said of it yet, in a sentence; empty where all is said that stations hang on. */
    public static Optional<String> open(Survey survey, Run run) {
        List<String> open = new ArrayList<>();
        if (run.opening().kind().isBlank()) {
            open.add("where it began");
        }
        if (run.opening().pipe().size().isEmpty()) {
            open.add("how wide the pipe is");
        }
        if (run.equipment().guide() == Equipment.Guide.NOT_SAID) {
            open.add("whether a guide was on");
        }
        List<ClipId> unread = run.clips().stream()
                .filter(c -> Optional.ofNullable(survey.traces().get(c))
                        .map(CounterTrace::isEmpty)
                        .orElse(true))
                .toList();
        if (!unread.isEmpty()) {
            open.add("what the counter of "
                    + unread.stream()
                            .map(c -> survey.clip(c).map(k -> k.fileName()).orElse(c.value()))
                            .collect(Collectors.joining(" and "))
                    + " shows");
        }
        return open.isEmpty() ? Optional.empty() : Optional.of("Not said: " + String.join(", ", open) + ".");
    }
}
