package hitch.core.story;

import hitch.core.detail.Arrival;
import hitch.core.story.words.Grammar;
import hitch.core.survey.told.Fixtures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What was not seen, and what was not put to the test. */
final class UnseenPart {
    private static final int WORTH = 55;
    private static final int MOST_SAID = 3;

    private final Talk talk;

    UnseenPart(Talk talk) {
        this.talk = talk;
    }

    /** Every sentence of it. */
    List<String> sentences() {
        List<String> all = new ArrayList<>();
        talk.may().notSeen().forEach(u -> all.add(Grammar.sentence(u)));
        Fixtures fixtures = Fixtures.of(talk.may().findings());
        if (!talk.isRecord()) {
            rooms(fixtures, Arrival.NO).ifPresent(r -> all.add(talk.teller().say("water.never", "rooms", r)));
            rooms(fixtures, Arrival.UNTESTED)
                    .ifPresent(r -> all.add(talk.teller().say("water.untested", "rooms", r)));
        }
        return all;
    }

    static Optional<String> rooms(Fixtures fixtures, Arrival arrived) {
        List<String> rooms = fixtures.which(arrived).stream()
                .map(Fixtures.Fixture::room)
                // A count of rooms is the name of none.
                .filter(r -> !r.matches(".*\\d.*"))
                .map(Grammar::lower)
                .toList();
        return rooms.isEmpty() ? Optional.empty() : Optional.of(Grammar.list(rooms));
    }

    Optional<Fit.Part> part() {
        List<String> sentences = sentences();
        if (sentences.isEmpty()) {
            return Optional.empty();
        }
        List<Said> said = new ArrayList<>(List.of(Talk.more(talk.teller().say("unseen.head"))));
        for (int i = 0; i < sentences.size(); i++) {
            said.add(
                    i == 0
                            ? Talk.needed(sentences.get(i))
                            : i < MOST_SAID ? Talk.more(sentences.get(i)) : Talk.extra(sentences.get(i)));
        }
        List<CardShot.Row> rows =
                sentences.stream().map(s -> CardShot.Row.of("", s)).toList();
        return Optional.of(new Fit.Part(
                "What was not seen",
                List.of(new Telling(new CardShot("card:unseen", "What was not seen", rows, "", 0), said, WORTH))));
    }
}
