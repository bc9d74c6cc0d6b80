package hitch.core.exchange;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.Job;
import hitch.core.pipe.Branch;
import hitch.core.propose.Proposals;
import hitch.core.run.Run;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** What is proposed for clips that were taken in, as JSON; {@code docs/formats/take-in.md} tells each field. */
public final class ProposalsJson {
    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private ProposalsJson() {}

    /** @param missed files that could not be taken in, with why */
    public static String write(Job job, Proposals proposals, Map<String, String> missed) {
        Map<String, Object> root = new LinkedHashMap<>();
        root.put("clips", job.clips().stream().map(c -> clip(job, c)).toList());
        root.put("runs", proposals.runs().stream().map(r -> run(job, r)).toList());
        root.put(
                "on_no_run",
                proposals.others().stream()
                        .map(u ->
                                row("clip", name(job, u.clip()), "why", u.why().word(), "reason", u.reason()))
                        .toList());
        root.put(
                "not_taken_in",
                missed.entrySet().stream()
                        .map(e -> row("file", e.getKey(), "why", e.getValue()))
                        .toList());
        return MAPPER.writeValueAsString(root);
    }

    private static Map<String, Object> clip(Job job, Clip clip) {
        Map<String, Object> row = row("file", clip.fileName(), "seconds", Math.round(clip.seconds() * 10) / 10.0);
        row.put("counter_marks", job.counterOf(clip.id()).marks().size());
        row.put(
                "captions",
                job.talk().stream()
                        .filter(t -> t.clip().equals(clip.id()))
                        .mapToInt(t -> t.cues().size())
                        .sum());
        return row;
    }

    private static Map<String, Object> run(Job job, Proposals.ProposedRun proposed) {
        Run run = proposed.run();
        Map<String, Object> row = row("name", run.name());
        row.put("clips", run.clips().stream().map(c -> name(job, c)).toList());
        row.put("direction", proposed.directionKnown() ? run.direction().toward() : null);
        row.put(
                "opening",
                row("kind", run.opening().words(), "sort", run.opening().sort().word()));
        row.put("opening_place", run.opening().place());
        row.put("pipe", run.opening().pipe().words());
        row.put("zeroed_at", run.zero().at().word());
        row.put("branch", run.branch().equals(Branch.LINE) ? null : run.branch());
        row.put("reasons", proposed.reasons());
        row.put("doubts", proposed.doubts());
        return row;
    }

    private static String name(Job job, ClipId id) {
        return job.clip(id).map(Clip::fileName).orElse(id.value());
    }

    /** A row of keys and values in turn. */
    private static Map<String, Object> row(Object... parts) {
        Map<String, Object> row = new LinkedHashMap<>();
        for (int i = 0; i < parts.length; i += 2) {
            row.put((String) parts[i], parts[i + 1]);
        }
        return row;
    }
}
