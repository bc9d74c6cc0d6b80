package hitch.store.handover;

import hitch.core.Hitch;
import hitch.core.disclosure.Disclosure;
import hitch.core.exchange.PhotoRow;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.Writing;
import hitch.core.job.ClipWords;
import hitch.core.job.Recording;
import hitch.core.story.Cutting;
import hitch.core.story.FindingShot;
import hitch.core.story.FootageShot;
import hitch.core.story.LastLook;
import hitch.core.story.OwnVoices;
import hitch.core.story.Script;
import hitch.core.story.ShownFrames;
import hitch.core.story.Story;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.Fingerprint;
import hitch.media.film.StoryRenderer;
import hitch.store.out.OutFolder;
import hitch.store.seal.Verified;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** {@code manifest.json}: the fingerprint of every source and product, and which frames of which source each shot shows. */
final class Manifest {
    /** Which form it has; told in {@code docs/formats/manifest.md}. */
    private static final String SCHEMA = "hitch-manifest-1";

    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private final Disclosure may;
    private final Clock clock;
    private final List<String> damage;
    private final int rate;

    /**
     * @param damage what of the record could not be trusted, and was accepted
     * @param rate pictures a second of the film
     */
    Manifest(Disclosure may, Clock clock, List<String> damage, int rate) {
        this.may = may;
        this.clock = clock;
        this.damage = damage;
        this.rate = rate;
    }

    /**
     * What was made.
     *
     * @param stills which frame each still shows
     * @param footage what was cut of the recording
     * @param silence why the film has no voice; empty where it has one
     * @param record fingerprint of the record
     * @param terms how it was made
     */
    record Made(
            Story story,
            Cutting cutting,
            Map<ClipId, StoryRenderer.Source> sources,
            List<Map<String, Object>> stills,
            List<Map<String, Object>> footage,
            Optional<String> silence,
            String record,
            Terms terms) {}

    /** Writes it for all that lies in a folder by then. */
    void write(Path out, Made made) throws IOException, MediaException {
        Map<String, Object> root = new LinkedHashMap<>();
        root.put("schema", SCHEMA);
        root.put("made_by", Hitch.NAME + " " + Hitch.VERSION);
        root.put("made_at", clock.instant().toString());
        root.put("firm", made.terms().firm());
        root.put("property", may.title());
        root.put("for", may.recipient().word());
        root.put("issue", made.terms().issue());
        if (!made.terms().changed().isEmpty()) {
            root.put("changed_since_issue_before", made.terms().changed());
        }
        root.put("record_sha256", made.record());
        if (!damage.isEmpty()) {
            root.put("record_damage_accepted", damage);
        }
        root.put("checks_accepted", made.terms().accepted());
        root.put(
                "rules_used",
                may.rulesUsed().stream()
                        .map(r -> Map.of("rule", r.title(), "stands_at", r.value()))
                        .toList());
        root.put("sources", made.sources().keySet().stream().map(this::source).toList());
        List<PhotoRow> photos = PhotoRow.of(may);
        if (!photos.isEmpty()) {
            root.put("photographs", photos);
        }
        List<String> stale =
                Script.of(may).stale().stream().map(l -> l.shot().title()).toList();
        if (!stale.isEmpty()) {
            root.put("words_of_earlier_facts", stale);
        }
        if (!made.story().left().isEmpty()) {
            root.put("left_out_for_length", made.story().left());
        }
        LastLook look = LastLook.of(may, made.story());
        if (!look.all().isEmpty()) {
            root.put("last_look", looked(look));
        }
        made.silence().ifPresent(why -> root.put("no_voice", why));
        root.put("shots", shots(made.cutting(), made.sources()));
        root.put("stills", made.stills());
        if (!made.footage().isEmpty()) {
            root.put("footage", made.footage());
        }
        List<Map<String, Object>> files = new ArrayList<>();
        for (String product : OutFolder.filesIn(out)) {
            Map<String, Object> file = new LinkedHashMap<>();
            file.put("file", product);
            file.put("bytes", Files.size(out.resolve(product)));
            file.put("sha256", Fingerprint.of(out.resolve(product), Progress.NONE));
            files.add(file);
        }
        root.put("products", files);
        Files.writeString(out.resolve(Verified.MANIFEST), MAPPER.writeValueAsString(root));
    }

    /** What was looked at once more before it went out, and what went without. */
    private static Map<String, Object> looked(LastLook look) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("looked_at", titles(look.all().stream().filter(LastLook.Item::isLookedAt)));
        row.put("not_looked_at", titles(look.open().stream()));
        return row;
    }

    private static List<String> titles(Stream<LastLook.Item> items) {
        return items.map(LastLook.Item::title).distinct().toList();
    }

    private Map<String, Object> source(ClipId id) {
        Clip clip = may.clip(id).orElseThrow();
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("clip", may.text(id.value()));
        row.put("file", clip.fileName());
        row.put("sha256", clip.sha256());
        row.put("bytes", clip.bytes());
        row.put("frames", clip.frames());
        row.put("first_pts", clip.firstPts());
        row.put("time_base", clip.base().num() + "/" + clip.base().den());
        List<Writing> covered = may.keptBack().writing(id);
        if (!covered.isEmpty()) {
            row.put("writing_covered", covered);
        }
        List<String> hidden = may.keptBack().hidden(id);
        if (!hidden.isEmpty()) {
            row.put("hidden", hidden);
        }
        return row;
    }

    private List<Map<String, Object>> shots(Cutting cutting, Map<ClipId, StoryRenderer.Source> sources) {
        List<Map<String, Object>> rows = new ArrayList<>();
        for (Cutting.Placed placed : cutting.placed()) {
            Map<String, Object> row = new LinkedHashMap<>();
            row.put("title", placed.shot().title());
            row.put("start_s", rounded(placed.start()));
            row.put("end_s", rounded(placed.end()));
            if (placed.shot() instanceof FootageShot shot) {
                footage(placed, shot, sources, row);
            } else if (!placed.shot().shown().isEmpty()) {
                row.put(
                        "stills",
                        placed.shot().shown().stream()
                                .map(f -> Map.of("clip", may.text(f.clip().value()), "pts", f.pts()))
                                .toList());
            }
            voice(placed, row);
            rows.add(row);
        }
        return rows;
    }

    /** Who speaks, where it is not the narrator. */
    private void voice(Cutting.Placed placed, Map<String, Object> row) {
        switch (OwnVoices.of(placed.shot(), may).orElse(null)) {
            case Recording recording -> row.put("spoken_by", "a person, recorded");
            case ClipWords words -> {
                row.put("spoken_by", "whoever is heard on the clip");
                row.put(
                        "said_on",
                        words.parts().stream()
                                .map(p -> Map.of(
                                        "clip",
                                        may.text(p.clip().value()),
                                        "first_pts",
                                        p.fromPts(),
                                        "end_pts",
                                        p.toPts()))
                                .toList());
            }
            case null -> {}
        }
    }

    private void footage(
            Cutting.Placed placed,
            FootageShot shot,
            Map<ClipId, StoryRenderer.Source> sources,
            Map<String, Object> row) {
        FrameIndex index = sources.get(shot.frame().clip()).index().frames();
        ShownFrames shown = ShownFrames.of(placed, shot, index, rate, may);
        if (shot.key().startsWith("finding:")) {
            row.put("finding", shot.key().substring("finding:".length()));
        }
        row.put("clip", may.text(shot.frame().clip().value()));
        row.put("first_pts", index.pts(shown.first()));
        if (shot instanceof FindingShot) {
            row.put("held_pts", shot.frame().pts());
        }
        if (shot.speed() != 1) {
            row.put("times_as_fast", rounded(shot.speed()));
        }
        String adjusted = may.adjustmentAt(shot.frame()).words();
        if (!adjusted.isEmpty()) {
            row.put("adjusted", adjusted);
        }
        row.put("last_pts", index.pts(shown.last()));
    }

    static double rounded(double seconds) {
        return Math.round(seconds * 1000) / 1000.0;
    }
}
