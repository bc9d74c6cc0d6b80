package hitch.core.story;

import java.util.Locale;
import java.util.StringJoiner;

/** A story as a text to read: its shots with what they show and what is said over them. */
public final class ScriptText {
    private ScriptText() {}

    /**
     * @param cutting the story laid out in time
     */
    public static String of(Story story, Cutting cutting) {
        StringJoiner text = new StringJoiner("\n", "", "\n");
        text.add(story.title() + ", for the " + story.recipient().called() + ", " + clock(cutting.seconds()));
        int at = 0;
        for (Chapter chapter : story.chapters()) {
            text.add("").add(chapter.title().toUpperCase(Locale.ROOT));
            for (Shot shot : chapter.shots()) {
                Cutting.Placed placed = cutting.placed().get(at++);
                text.add("").add(clock(placed.start()) + "  [" + kind(shot) + "] " + shot.title());
                shot.written().forEach(w -> text.add("      | " + w.strip()));
                Sentences.of(shot.narration()).forEach(s -> text.add("      " + s));
            }
        }
        if (!story.left().isEmpty()) {
            text.add("").add("LEFT OUT");
            story.left().forEach(l -> text.add("      " + l));
        }
        return text.toString();
    }

    private static String kind(Shot shot) {
        return switch (shot) {
            case CardShot c -> "card";
            case FindingShot f -> f.closer() ? "finding, seen again closer" : "finding";
            case EvidenceShot e -> "untouched evidence";
            case PassageShot p -> String.format(Locale.ROOT, "passage, %.1f times as fast", p.speed());
            case MapShot m -> "map";
            case SideBySideShot s -> "side by side";
            case StillShot s -> "still";
        };
    }

    private static String clock(double seconds) {
        long whole = Math.round(seconds);
        return String.format(Locale.ROOT, "%d:%02d", whole / 60, whole % 60);
    }
}
