package hitch.core.footage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Writing on a clip, and what a person said of it.
 *
 * @param shown whether whoever may not know the people may see it; empty while nobody said, and then it is covered
 */
public record BurnedIn(ClipId clip, Writing writing, Optional<Boolean> shown) {
    public BurnedIn {
        shown = shown == null ? Optional.empty() : shown;
    }

    /** The same with an answer. */
    public BurnedIn answered(boolean may) {
        return new BurnedIn(clip, writing, Optional.of(may));
    }

    /** Whether nobody said yet whether it may be seen. */
    public boolean isAsked() {
        return shown.isEmpty();
    }

    /** Whether it is to be covered where people are not to be known. */
    public boolean isCovered() {
        return !shown.orElse(false);
    }

    private boolean isLike(BurnedIn other) {
        return clip.equals(other.clip) && writing.isLike(other.writing);
    }

    /** {@code answers} with newer ones in the place of those of the same writing. */
    public static List<BurnedIn> with(List<BurnedIn> answers, List<BurnedIn> newer) {
        List<BurnedIn> next = new ArrayList<>(answers);
        next.removeIf(a -> newer.stream().anyMatch(a::isLike));
        next.addAll(newer);
        return List.copyOf(next);
    }

    /** What was found on a clip, each with its answer where there is one; and what a person said beside that. */
    public static List<BurnedIn> settled(ClipId clip, List<Writing> found, List<BurnedIn> answers) {
        List<BurnedIn> all = new ArrayList<>();
        for (Writing writing : found) {
            BurnedIn asked = new BurnedIn(clip, writing, Optional.empty());
            all.add(answers.stream()
                    .filter(asked::isLike)
                    .findFirst()
                    .map(a -> new BurnedIn(clip, writing, a.shown()))
                    .orElse(asked));
        }
        answers.stream()
                .filter(a -> a.clip().equals(clip) && all.stream().noneMatch(a::isLike))
                .forEach(all::add);
        return all;
    }
}
