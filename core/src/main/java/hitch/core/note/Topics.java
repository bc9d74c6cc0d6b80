package hitch.core.note;

import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import java.util.stream.Stream;

/** All that a sentence can be about: kinds of findings, and acts. */
public final class Topics {
    private Topics() {}

    /**
     * The one of that word.
     *
     * @throws IllegalArgumentException where there is none
     */
    public static Topic named(String word) {
        return Stream.<Topic>concat(Stream.of(Act.values()), Stream.of(FindingKind.values()))
                .filter(t -> t.word().equals(word))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("nothing is called " + word));
    }
}
