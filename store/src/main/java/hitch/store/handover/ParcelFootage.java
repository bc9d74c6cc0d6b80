package hitch.store.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.parcel.FootageGiven;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.store.Footage;
import hitch.store.StoreException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The recording itself, as far as a parcel holds it: nothing, the footage of its heavier findings, or its part of the pipe without a break. */
final class ParcelFootage {
    /** Seconds of footage about a finding. */
    private static final double BEFORE = 4;

    private static final double AFTER = 4;

    /** Of it together, with the way to a keyframe. */
    static final double ABOUT = BEFORE + AFTER + 2;

    private final Disclosure may;
    private final Footage footage;
    private final double longest;

    /**
     * @param longest no clip is longer, seconds, but for the way to its next keyframe
     */
    ParcelFootage(Disclosure may, Footage footage, double longest) {
        this.may = may;
        this.footage = footage;
        this.longest = longest;
    }

    /** Writes it; gives which frames of which source each file shows. */
    List<Map<String, Object>> write(Path out, Progress progress) throws IOException, MediaException, StoreException {
        return switch (FootageGiven.to(may.recipient())) {
            case NONE -> List.of();
            case FINDINGS -> findings(out.resolve("footage"), progress);
            case CONTINUOUS -> new UnbrokenFootage(may, footage, longest).write(out.resolve("footage"), progress);
        };
    }

    private List<Map<String, Object>> findings(Path folder, Progress progress)
            throws IOException, MediaException, StoreException {
        List<LocatedFinding> shown = may.findings().stream()
                .filter(f -> f.weight().compareTo(FootageGiven.LEAST) >= 0
                        && f.finding().kind().isToBeSeen())
                .filter(f -> isFootage(f.finding().frame().clip()))
                .toList();
        EvidenceCut cut = new EvidenceCut(may, footage);
        List<Map<String, Object>> rows = new ArrayList<>();
        for (int i = 0; i < shown.size(); i++) {
            LocatedFinding found = shown.get(i);
            Path clip = cut.write(
                    found,
                    EvidenceCut.Form.UNTOUCHED,
                    Math.min(BEFORE, longest / 2),
                    Math.min(AFTER, longest / 2),
                    folder,
                    progress.part((double) i / shown.size(), (i + 1.0) / shown.size()));
            rows.add(row(found, clip));
        }
        return rows;
    }

    private boolean isFootage(ClipId id) {
        return may.source(id).filter((Clip c) -> !c.photo()).isPresent();
    }

    private Map<String, Object> row(LocatedFinding found, Path clip) throws IOException {
        String record = clip.getFileName().toString().replaceAll("\\.[^.]+$", ".json");
        JsonNode told = JsonMapper.shared().readTree(Files.readString(clip.resolveSibling(record)));
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("file", "footage/" + clip.getFileName());
        row.put("finding", found.finding().id().value());
        row.put("clip", may.text(found.finding().frame().clip().value()));
        row.put("first_pts", told.path("first_pts").asLong());
        row.put("last_pts", told.path("last_pts").asLong());
        if (told.has("altered")) {
            row.put("altered", told.path("altered").asString(""));
        }
        return row;
    }
}
