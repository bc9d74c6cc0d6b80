package hitch.app;

import hitch.core.footage.FrameIndex;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.ClipScanner;
import hitch.media.clip.Fingerprint;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What is known of a footage file, as rows for JSON. */
final class ClipReport {
    private ClipReport() {}

    /**
     * @param decode whether every picture is decoded to look for damage
     */
    static Map<String, Object> of(Path file, boolean decode, Progress progress) throws MediaException {
        ClipFacts facts = ClipIndexer.index(file, progress.part(0, 0.2));
        FrameIndex frames = facts.frames();
        ClipFacts.PictureStream picture = facts.picture();
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("file", file.toString());
        row.put("bytes", size(file));
        row.put("sha256", Fingerprint.of(file, progress.part(0.2, 0.3)));
        row.put("container", facts.container());
        Map<String, Object> codecs = new LinkedHashMap<>();
        codecs.put("picture", picture.codec());
        codecs.put("sound", facts.sound().map(ClipFacts.SoundStream::codec).orElse(null));
        row.put("codecs", codecs);
        row.put("width", picture.width());
        row.put("height", picture.height());
        row.put("pixel_aspect", picture.aspectNum() + ":" + picture.aspectDen());
        row.put("rotation", picture.turn());
        row.put("shown_width", picture.shownWidth());
        row.put("shown_height", picture.shownHeight());
        row.put("interlaced", picture.interlaced());
        row.put("frames", frames.count());
        row.put("rate", round(frames.rate()));
        row.put("variable_rate", frames.isUneven());
        row.put("duration", round(frames.base().seconds(frames.endPts() - frames.firstPts())));
        row.put("first_time", round(frames.base().seconds(frames.firstPts())));
        row.put("time_base", frames.base().num() + "/" + frames.base().den());
        row.put("recorded", facts.recorded().isBlank() ? null : facts.recorded());
        row.put("sound", facts.sound().map(ClipReport::sound).orElse(null));
        List<Object> damage = new ArrayList<>();
        facts.damage().forEach(words -> damage.add(Map.of("what", words)));
        if (decode) {
            ClipScanner.Outcome scan =
                    ClipScanner.scan(file, facts.index(), ClipScanner.Pictures.NONE, progress.part(0.3, 1));
            row.put("frames_decoded", scan.decoded());
            scan.scan().damaged().forEach(s -> damage.add(stretch(frames, s.fromPts(), s.toPts())));
        }
        row.put("damage", damage);
        row.put("damage_looked_for", decode ? "in every picture" : "in the container only");
        progress.at(1, "done");
        return row;
    }

    private static Map<String, Object> stretch(FrameIndex frames, long from, long to) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("what", "pictures damaged or lost");
        row.put("from", round(frames.base().seconds(from - frames.firstPts())));
        row.put("to", round(frames.base().seconds(to - frames.firstPts())));
        row.put("from_frame", frames.numberAt(from));
        row.put("to_frame", frames.numberAt(to - 1));
        return row;
    }

    private static Map<String, Object> sound(ClipFacts.SoundStream sound) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("codec", sound.codec());
        row.put("rate", sound.rate());
        row.put("channels", sound.channels());
        return row;
    }

    private static double round(double value) {
        return Math.round(value * 10_000) / 10_000.0;
    }

    private static long size(Path file) throws MediaException {
        try {
            return Files.size(file);
        } catch (IOException e) {
            throw new MediaException(file.getFileName() + " cannot be read: " + e.getMessage(), e);
        }
    }
}
