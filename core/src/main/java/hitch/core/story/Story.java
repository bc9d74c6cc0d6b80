package hitch.core.story;

import hitch.core.disclosure.Recipient;
import java.util.List;

/**
 * A deliverable for one recipient.
 *
 * @param recipient who it is for
 * @param title the property as this recipient may see it
 * @param chapters in order
 */
public record Story(Recipient recipient, String title, List<Chapter> chapters) {
    public Story {
        chapters = List.copyOf(chapters);
    }

    public List<Shot> shots() {
        return chapters.stream().flatMap(c -> c.shots().stream()).toList();
    }
}
