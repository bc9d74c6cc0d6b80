package hitch.core.story;

import hitch.core.disclosure.Recipient;
import java.util.List;

/**
 * A deliverable for one recipient.
 *
 * @param recipient who it is for
 * @param title the property as this recipient may see it
 * @param chapters in order
 * @param left what was left out for the sake of its length, a title each
 */
public record Story(Recipient recipient, String title, List<Chapter> chapters, List<String> left) {
    public Story {
        chapters = List.copyOf(chapters);
        left = List.copyOf(left);
    }

    public Story(Recipient recipient, String title, List<Chapter> chapters) {
        this(recipient, title, chapters, List.of());
    }

    public List<Shot> shots() {
        return chapters.stream().flatMap(c -> c.shots().stream()).toList();
    }
}
