package hitch.core.exchange;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.Clip;
import hitch.core.story.Cutting;
import hitch.core.story.FindingShot;
import hitch.core.story.FootageShot;
import hitch.core.story.Story;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * A film's cut as an OpenTimelineIO timeline (schema {@code Timeline.1}): a track of pictures that names the source footage,
 * with held frames and what plays faster, and a track of sound that is the film's own. Cards and drawings have no footage.
 */
public final class TimelineJson {
    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    private static final String MEDIA = "DEFAULT_MEDIA";

    private final Disclosure may;
    private final int rate;
    private final String film;

    private TimelineJson(Disclosure may, int rate, String film) {
        this.may = may;
        this.rate = rate;
        this.film = film;
    }

    /**
     * @param rate pictures a second of the film
     * @param film its file name
     */
    public static String write(Disclosure may, Story story, Cutting cutting, int rate, String film) {
        return MAPPER.writeValueAsString(new TimelineJson(may, rate, film).timeline(story, cutting));
    }

    private Map<String, Object> timeline(Story story, Cutting cutting) {
        List<Map<String, Object>> pictures = new ArrayList<>();
        List<Map<String, Object>> sound = new ArrayList<>();
        Map<String, Object> shelf = external(film, 0, cutting.seconds());
        cutting.placed().forEach(p -> {
            pictures.addAll(pictures(p));
            sound.add(clip(p.shot().title(), shelf, p.start(), p.end() - p.start(), List.of()));
        });
        Map<String, Object> stack = named("Stack.1", "shots");
        stack.put("children", List.of(track("pictures", "Video", pictures), track("sound", "Audio", sound)));
        stack.put("source_range", null);
        stack.put("effects", List.of());
        stack.put("markers", chapters(story, cutting));
        Map<String, Object> root = named("Timeline.1", story.title());
        root.put("global_start_time", null);
        root.put("tracks", stack);
        return root;
    }

    private List<Map<String, Object>> chapters(Story story, Cutting cutting) {
        List<Map<String, Object>> markers = new ArrayList<>();
        story.chapters()
                .forEach(chapter -> chapter.shots().stream()
                        .findFirst()
                        .flatMap(s -> cutting.placed().stream()
                                .filter(p -> p.shot().key().equals(s.key()))
                                .findFirst())
                        .ifPresent(p -> {
                            Map<String, Object> marker = named("Marker.2", chapter.title());
                            marker.put("color", "GREEN");
                            marker.put("comment", "");
                            marker.put("marked_range", range(p.start(), 0));
                            markers.add(marker);
                        }));
        return markers;
    }

    private Map<String, Object> track(String name, String kind, List<Map<String, Object>> clips) {
        Map<String, Object> track = named("Track.1", name);
        track.put("kind", kind);
        track.put("source_range", null);
        track.put("children", clips);
        track.put("effects", List.of());
        track.put("markers", List.of());
        return track;
    }

    /** What is seen of one shot: footage up to a frame, the frame held, footage on. */
    private List<Map<String, Object>> pictures(Cutting.Placed placed) {
        double length = placed.end() - placed.start();
        if (!(placed.shot() instanceof FootageShot shot)
                || may.clip(shot.frame().clip()).isEmpty()) {
            Map<String, Object> drawn =
                    named("GeneratorReference.1", placed.shot().title());
            drawn.put("generator_kind", "drawn");
            drawn.put("parameters", Map.of());
            drawn.put("available_range", null);
            drawn.put("available_image_bounds", null);
            return List.of(clip(placed.shot().title(), drawn, 0, length, List.of()));
        }
        Clip source = may.clip(shot.frame().clip()).orElseThrow();
        Map<String, Object> media = external(source.fileName(), 0, source.seconds());
        double at = source.secondsInto(shot.frame().pts());
        double before = (placed.holdStart() - placed.start()) * shot.speed();
        List<Map<String, Object>> clips = new ArrayList<>();
        if (shot instanceof FindingShot) {
            add(clips, clip(shot.title(), media, at - before, placed.holdStart() - placed.start(), List.of()));
            add(
                    clips,
                    clip(
                            shot.title(),
                            media,
                            at,
                            placed.holdEnd() - placed.holdStart(),
                            List.of(effect("FreezeFrame.1", "FreezeFrame", 0))));
            add(clips, clip(shot.title(), media, at, placed.end() - placed.holdEnd(), List.of()));
            return clips;
        }
        double begin = Math.max(0, at - shot.before());
        add(
                clips,
                clip(
                        shot.title(),
                        media,
                        begin,
                        placed.holdStart() - placed.start(),
                        shot.speed() == 1
                                ? List.of()
                                : List.of(effect("LinearTimeWarp.1", "LinearTimeWarp", shot.speed()))));
        add(
                clips,
                clip(
                        shot.title(),
                        media,
                        begin + before,
                        placed.end() - placed.holdStart(),
                        List.of(effect("FreezeFrame.1", "FreezeFrame", 0))));
        return clips;
    }

    private static void add(List<Map<String, Object>> clips, Map<String, Object> clip) {
        @SuppressWarnings("unchecked")
        Map<String, Object> range = (Map<String, Object>) clip.get("source_range");
        @SuppressWarnings("unchecked")
        Map<String, Object> duration = (Map<String, Object>) range.get("duration");
        if ((double) duration.get("value") > 0) {
            clips.add(clip);
        }
    }

    private Map<String, Object> clip(
            String name, Map<String, Object> media, double from, double seconds, List<Map<String, Object>> effects) {
        Map<String, Object> clip = named("Clip.2", name);
        clip.put("source_range", range(Math.max(0, from), seconds));
        clip.put("media_references", Map.of(MEDIA, media));
        clip.put("active_media_reference_key", MEDIA);
        clip.put("effects", effects);
        clip.put("markers", List.of());
        clip.put("enabled", true);
        return clip;
    }

    private Map<String, Object> external(String file, double from, double seconds) {
        Map<String, Object> media = named("ExternalReference.1", file);
        media.put("target_url", file);
        media.put("available_range", range(from, seconds));
        media.put("available_image_bounds", null);
        return media;
    }

    private static Map<String, Object> effect(String schema, String name, double speed) {
        Map<String, Object> effect = named(schema, "");
        effect.put("effect_name", name);
        effect.put("time_scalar", speed);
        return effect;
    }

    private Map<String, Object> range(double from, double seconds) {
        Map<String, Object> range = new LinkedHashMap<>();
        range.put("OTIO_SCHEMA", "TimeRange.1");
        range.put("start_time", time(from));
        // Ends are rounded, not lengths, so that shots follow each other without gaps.
        range.put("duration", time((Math.round((from + seconds) * rate) - Math.round(from * rate)) / (double) rate));
        return range;
    }

    private Map<String, Object> time(double seconds) {
        Map<String, Object> time = new LinkedHashMap<>();
        time.put("OTIO_SCHEMA", "RationalTime.1");
        time.put("rate", (double) rate);
        time.put("value", (double) Math.round(seconds * rate));
        return time;
    }

    private static Map<String, Object> named(String schema, String name) {
        Map<String, Object> thing = new LinkedHashMap<>();
        thing.put("OTIO_SCHEMA", schema);
        thing.put("name", name);
        thing.put("metadata", Map.of());
        return thing;
    }
}
