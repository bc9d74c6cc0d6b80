package hitch.core.story;

import hitch.core.job.OwnShot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A script in a person's order. A shot that was moved stands behind the shot it was put behind, in that one's chapter, wherever the record
 * takes it; where that shot is gone it stands where it was proposed, and one of a person's own at the end.
 */
final class Arranged {
    /** A line and the chapter it stands in. */
    private record Standing(String chapter, ScriptLine line) {
        String key() {
            return line.proposed().key();
        }
    }

    private Arranged() {}

    static List<Script.Part> of(List<Script.Part> proposed, List<ScriptLine> own) {
        List<Standing> all = new ArrayList<>();
        proposed.forEach(p -> p.lines().forEach(l -> all.add(new Standing(p.title(), l))));
        List<Standing> standing = new ArrayList<>(
                all.stream().filter(s -> behind(s.line()).isEmpty()).toList());
        List<Standing> waiting = new ArrayList<>(
                all.stream().filter(s -> behind(s.line()).isPresent()).toList());
        own.forEach(l -> waiting.add(new Standing("", l)));
        boolean placed = true;
        while (placed) {
            placed = waiting.removeIf(w -> place(w, standing));
        }
        for (Standing left : waiting) {
            standing.add(proposedPlace(left, all, standing), left);
        }
        return chapters(standing);
    }

    private static Optional<String> behind(ScriptLine line) {
        return line.change().behind();
    }

    /** Puts a line behind the one it belongs behind, if that stands already. */
    private static boolean place(Standing moved, List<Standing> standing) {
        String anchor = behind(moved.line()).orElse(null);
        if (anchor == null || standing.isEmpty()) {
            return false;
        }
        if (anchor.isEmpty()) {
            standing.addFirst(new Standing(standing.getFirst().chapter(), moved.line()));
            return true;
        }
        for (int i = 0; i < standing.size(); i++) {
            if (standing.get(i).key().equals(anchor)) {
                standing.add(i + 1, new Standing(standing.get(i).chapter(), moved.line()));
                return true;
            }
        }
        return false;
    }

    /** Where a line stands that has nothing to stand behind: behind the nearest of those that were proposed before it. */
    private static int proposedPlace(Standing left, List<Standing> all, List<Standing> standing) {
        if (left.key().startsWith(OwnShot.KEYS)) {
            return standing.size();
        }
        for (int i = all.indexOf(left) - 1; i >= 0; i--) {
            int at = standing.indexOf(all.get(i));
            if (at >= 0) {
                return at + 1;
            }
        }
        return 0;
    }

    private static List<Script.Part> chapters(List<Standing> standing) {
        List<Script.Part> parts = new ArrayList<>();
        List<ScriptLine> lines = new ArrayList<>();
        for (int i = 0; i < standing.size(); i++) {
            lines.add(standing.get(i).line());
            boolean last = i + 1 == standing.size();
            if (last || !standing.get(i + 1).chapter().equals(standing.get(i).chapter())) {
                parts.add(new Script.Part(standing.get(i).chapter(), lines));
                lines = new ArrayList<>();
            }
        }
        return parts;
    }
}
