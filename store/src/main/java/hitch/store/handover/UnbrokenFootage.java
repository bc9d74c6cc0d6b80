package hitch.store.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.exchange.FootageCsv;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Station;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.UntouchedClip;
import hitch.media.clip.UntouchedClip.TrueTimes;
import hitch.media.render.AlteredClip;
import hitch.store.Footage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * All footage of a recipient's part of the pipe without a break, as recorded and without sound, cut into parts where a limit is
 * given, with a table of times and stations. What must be covered is encoded anew and says so.
 */
final class UnbrokenFootage {
    /** Shorter sights are of a camera that only touched the boundary. */
    private static final double LEAST_S = 0.5;

    private static final double LARGEST = 3.9e9;

    private final Disclosure may;
    private final Footage footage;
    private final double partSeconds;
    private final List<Map<String, Object>> rows = new ArrayList<>();
    private final List<FootageCsv.Row> table = new ArrayList<>();

    /**
     * @param partSeconds no file is longer, but for the way to its next keyframe
     */
    UnbrokenFootage(Disclosure may, Footage footage, double partSeconds) {
        this.may = may;
        this.footage = footage;
        this.partSeconds = partSeconds;
    }

    /** A stretch of frames by their numbers, both ends with it. */
    private record Stretch(int first, int last) {}

    List<Map<String, Object>> write(Path folder, Progress progress) throws IOException, MediaException {
        List<Clip> clips = may.runs().stream()
                .flatMap(r -> r.clips().stream())
                .distinct()
                .flatMap(id -> may.source(id).stream())
                .filter(c -> !c.photo())
                .toList();
        for (int i = 0; i < clips.size(); i++) {
            of(clips.get(i), folder, progress.part((double) i / clips.size(), (i + 1.0) / clips.size()));
        }
        if (!rows.isEmpty()) {
            StringBuilder csv = new StringBuilder();
            FootageCsv.write(table, csv);
            Files.writeString(folder.resolve(FootageCsv.FILE), csv, StandardCharsets.UTF_8);
        }
        return rows;
    }

    private void of(Clip clip, Path folder, Progress progress) throws IOException, MediaException {
        Seen.refuseUnknown(may, clip);
        footage.verify(clip, progress.part(0, 0.2));
        ClipIndex whole = footage.clipIndex(clip);
        FrameIndex index = whole.frames();
        // A file of four gigabytes does not go onto most sticks.
        double largest = LARGEST / Math.max(1, clip.bytes() / Math.max(0.1, clip.seconds()));
        List<Stretch> stretches = parts(clip, index, Math.min(partSeconds, largest));
        for (int i = 0; i < stretches.size(); i++) {
            part(clip, whole, stretches.get(i), folder, progress.part(0.2, 1));
        }
    }

    /** What may be seen of a clip, from keyframe to keyframe where there are some, no part longer than is wanted. */
    private List<Stretch> parts(Clip clip, FrameIndex index, double longest) {
        List<Stretch> parts = new ArrayList<>();
        int at = 0;
        while (at < index.count()) {
            if (!shows(clip, index, at)) {
                at++;
                continue;
            }
            int last = at;
            while (last + 1 < index.count()
                    && shows(clip, index, last + 1)
                    && !(index.isKey(last + 1) && seconds(index, at, last + 1) >= longest)) {
                last++;
            }
            if (seconds(index, at, last) >= LEAST_S) {
                parts.add(new Stretch(at, last));
            }
            at = last + 1;
        }
        return parts;
    }

    private boolean shows(Clip clip, FrameIndex index, int number) {
        return may.shows(new FrameRef(clip.id(), index.pts(number)));
    }

    private static double seconds(FrameIndex index, int from, int to) {
        return index.base().seconds(index.pts(to) - index.pts(from));
    }

    private void part(Clip clip, ClipIndex whole, Stretch stretch, Path folder, Progress progress)
            throws IOException, MediaException {
        FrameIndex index = whole.frames();
        int key = stretch.first();
        while (key <= stretch.last() && !index.isKey(key)) {
            key++;
        }
        boolean covered = may.keptBack().covered(clip.id()).stream()
                .anyMatch(c -> c.isWithin(index.pts(stretch.first()), index.pts(stretch.last())));
        boolean altered = covered || key > stretch.last();
        Files.createDirectories(folder);
        String ending =
                altered ? "mp4" : clip.fileName().replaceAll(".*\\.", "").toLowerCase(Locale.ROOT);
        String name = String.format(Locale.ROOT, "part-%02d%s.%s", rows.size() + 1, altered ? "-altered" : "", ending);
        Path out = folder.resolve(name);
        Path source = footage.file(clip);
        TrueTimes times = altered
                ? AlteredClip.write(may, clip.id(), source, whole, stretch.first(), stretch.last(), out, progress)
                : UntouchedClip.cut(source, whole, index.pts(key), index.pts(stretch.last()), false, out, progress);
        String told = may.clip(clip.id()).orElse(clip).fileName();
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("file", "footage/" + name);
        row.put("clip", may.text(clip.id().value()));
        row.put("first_pts", times.firstPts());
        row.put("last_pts", times.lastPts());
        row.put("sound", "left out");
        if (altered) {
            row.put("altered", EvidenceCut.ALTERED + (covered ? EvidenceCut.COVERED : EvidenceCut.BEFORE));
        }
        rows.add(row);
        stations(clip, name, told, times);
    }

    /** A row for each whole second, and for the last frame. */
    private void stations(Clip clip, String name, String source, TrueTimes times) {
        double from = clip.secondsInto(times.firstPts());
        double to = clip.secondsInto(times.lastPts());
        for (double at = 0; at < to - from; at++) {
            row(clip, name, source, from, at);
        }
        row(clip, name, source, from, to - from);
    }

    private void row(Clip clip, String name, String source, double from, double at) {
        long pts = clip.firstPts() + clip.base().ticks(from + at);
        Optional<Station> station = may.stationAt(new FrameRef(clip.id(), pts));
        table.add(new FootageCsv.Row(name, at, station, source, from + at, pts));
    }
}
