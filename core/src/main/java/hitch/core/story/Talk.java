package hitch.core.story;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.LocatedFinding;
import hitch.core.judge.Judgement;
import hitch.core.measure.Distance;
import hitch.core.story.words.Grammar;
import hitch.core.story.words.Teller;
import hitch.core.survey.PlaceWords;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What every part of a script speaks from: what may be told, in whose words, and what it comes to. */
final class Talk {
    private final Disclosure may;
    private final Teller teller;
    private final Optional<Judgement> judged;

    Talk(Disclosure may, StoryWish wish) {
        this.may = may;
        this.teller = new Teller(wish.phrases(), may.recipient().tone().name().toLowerCase(Locale.ROOT), wish.seed());
        this.judged = may.judgement();
    }

    Disclosure may() {
        return may;
    }

    Teller teller() {
        return teller;
    }

    Optional<Judgement> judged() {
        return judged;
    }

    Recipient.Tone tone() {
        return may.recipient().tone();
    }

    /** Whether plain facts are told and nothing else. */
    boolean isRecord() {
        return tone() == Recipient.Tone.RECORD;
    }

    String show(Distance length) {
        return may.unit().show(length);
    }

    /** Where a finding is, in full: {@code 17.9 ft toward the main}. */
    String place(LocatedFinding found) {
        return may.place(found).map(PlaceWords::all).orElse(Wording.NO_STATION);
    }

    /** Where it is, where the way is known: {@code at 17.9 ft}. */
    static String at(PlaceWords place) {
        return place.distance().isBlank() ? place.way() : "at " + place.distance();
    }

    static Said needed(String sentence) {
        return new Said(Grammar.sentence(sentence), Said.NEEDED);
    }

    static Said more(String sentence) {
        return new Said(Grammar.sentence(sentence), Said.MORE);
    }

    static Said extra(String sentence) {
        return new Said(Grammar.sentence(sentence), Said.EXTRA);
    }

    /** Free sentences that people typed, each ended as a sentence is. */
    static String listed(List<String> free) {
        return Grammar.list(free.stream()
                .map(t -> Grammar.lower(t.strip().replaceAll("[.;,\\s]+$", "")))
                .toList());
    }
}
