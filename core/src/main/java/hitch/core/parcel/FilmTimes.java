package hitch.core.parcel;

import hitch.core.finding.FindingId;
import hitch.core.story.Chapter;
import hitch.core.story.Cutting;
import hitch.core.story.EvidenceShot;
import hitch.core.story.FindingShot;
import hitch.core.story.Shot;
import hitch.core.story.SideBySideShot;
import hitch.core.story.Story;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Where in a film what is told.
 *
 * @param marks every shot's title with when it begins
 * @param findings when each finding is shown, seconds, by its id
 * @param seconds of the whole film
 */
public record FilmTimes(List<Mark> marks, Map<String, Double> findings, double seconds) {
    /** No film. */
    public static final FilmTimes NONE = new FilmTimes(List.of(), Map.of(), 0);

    /**
     * The beginning of a shot.
     *
     * @param chapter the chapter's title, at its first shot; empty at the others
     * @param title of the shot
     * @param start seconds
     * @param findings ids of the findings it shows
     */
    public record Mark(String chapter, String title, double start, List<String> findings) {
        public Mark {
            findings = List.copyOf(findings);
        }

        /** When it begins, as a player tells it: {@code 2:05}. */
        public String clock() {
            return FilmTimes.clock(start);
        }
    }

    public FilmTimes {
        marks = List.copyOf(marks);
        findings = Map.copyOf(findings);
    }

    /** How long the film is, as a player tells it. */
    public String length() {
        return clock(seconds);
    }

    /** Seconds as a player tells them: {@code 2:05}, {@code 1:02:05}. */
    public static String clock(double seconds) {
        long whole = Math.round(seconds);
        return whole < 3600
                ? String.format("%d:%02d", whole / 60, whole % 60)
                : String.format("%d:%02d:%02d", whole / 3600, whole / 60 % 60, whole % 60);
    }

    /** Of a story that was laid out in time. */
    public static FilmTimes of(Story story, Cutting cutting) {
        Map<String, String> begins = new LinkedHashMap<>();
        for (Chapter chapter : story.chapters()) {
            chapter.shots().stream().findFirst().ifPresent(s -> begins.put(s.key(), chapter.title()));
        }
        List<Mark> marks = new ArrayList<>();
        Map<String, Double> findings = new LinkedHashMap<>();
        for (Cutting.Placed placed : cutting.placed()) {
            List<FindingId> told = told(placed.shot());
            told.forEach(id -> findings.putIfAbsent(id.value(), placed.start()));
            marks.add(new Mark(
                    begins.getOrDefault(placed.shot().key(), ""),
                    placed.shot().title(),
                    placed.start(),
                    told.stream().map(FindingId::value).toList()));
        }
        return new FilmTimes(marks, findings, cutting.seconds());
    }

    private static List<FindingId> told(Shot shot) {
        return switch (shot) {
            case FindingShot found -> List.of(found.finding());
            case EvidenceShot evidence -> List.of(evidence.finding());
            case SideBySideShot side ->
                side.panels().stream()
                        .map(SideBySideShot.Panel::finding)
                        .distinct()
                        .toList();
            default -> List.of();
        };
    }
}
