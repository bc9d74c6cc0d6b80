package hitch.core.story;

import hitch.core.disclosure.Disclosure;
import java.util.List;
import java.util.Optional;

/**
 * The story for one recipient with what people changed in it: the record proposes, a person has the last word, and words
 * written on facts that are no longer so are known.
 *
 * @param story as it was proposed
 * @param chapters its chapters with their lines, left out ones too
 */
public record Script(Story story, List<Part> chapters) {
    /** A chapter of lines. */
    public record Part(String title, List<ScriptLine> lines) {
        public Part {
            lines = List.copyOf(lines);
        }
    }

    public Script {
        chapters = List.copyOf(chapters);
    }

    public static Script of(Disclosure may) {
        return of(may, StoryWish.USUAL);
    }

    public static Script of(Disclosure may, StoryWish wish) {
        Story proposed = ScriptWriter.propose(may, wish);
        List<Part> lines = proposed.chapters().stream()
                .map(c -> new Part(
                        c.title(),
                        c.shots().stream().map(s -> ScriptLine.of(s, may)).toList()))
                .toList();
        List<ScriptLine> own =
                OwnShots.of(may).stream().map(s -> ScriptLine.of(s, may)).toList();
        return new Script(proposed, Arranged.of(lines, own));
    }

    /** The line of a shot; empty where no shot goes by that key. */
    public Optional<ScriptLine> line(String key) {
        return lines().stream().filter(l -> l.proposed().key().equals(key)).findFirst();
    }

    public List<ScriptLine> lines() {
        return chapters.stream().flatMap(c -> c.lines().stream()).toList();
    }

    /** The lines whose words were written on facts that are no longer so, and that are told all the same. */
    public List<ScriptLine> stale() {
        return lines().stream().filter(l -> l.isStale() && !l.isLeftOut()).toList();
    }

    /** The story as it is told. */
    public Story told() {
        return new Story(
                story.recipient(),
                story.title(),
                chapters.stream()
                        .map(c -> new Chapter(
                                c.title(),
                                c.lines().stream()
                                        .filter(l -> !l.isLeftOut())
                                        .map(ScriptLine::shot)
                                        .toList()))
                        .filter(c -> !c.shots().isEmpty())
                        .toList(),
                story.left());
    }
}
