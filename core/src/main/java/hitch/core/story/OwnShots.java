package hitch.core.story;

import hitch.core.disclosure.Disclosure;
import hitch.core.job.OwnShot;
import hitch.core.survey.PlaceWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The shots a person put into a story, as far as its recipient may see them. */
final class OwnShots {
    /** Seconds a shot of footage plays where nobody said otherwise. */
    private static final double PLAYED_S = 5;

    private static final double TAIL = 0.6;

    private OwnShots() {}

    static List<Shot> of(Disclosure may) {
        List<Shot> shots = new ArrayList<>();
        for (OwnShot own : may.story().own()) {
            if (own.frame().isEmpty()
                    || may.source(own.frame().get().clip()).isPresent()
                            && may.shows(own.frame().get())) {
                shot(own, may).ifPresent(shots::add);
            }
        }
        return shots;
    }

    private static Optional<Shot> shot(OwnShot own, Disclosure may) {
        String place = own.frame().flatMap(may::placeAt).map(PlaceWords::all).orElse("");
        String title = !own.title().isBlank() ? own.title() : place.isBlank() ? "A moment of the footage" : place;
        return switch (own.kind()) {
            case PLAYED ->
                Optional.of(new PassageShot(
                        own.key(),
                        title,
                        own.frame().orElseThrow(),
                        may.footage().secondsAfter(own.frame().get(), PLAYED_S),
                        1,
                        "",
                        TAIL));
            case STILL ->
                Optional.of(
                        new StillShot(own.key(), title, own.frame().orElseThrow(), place, Optional.empty(), "", TAIL));
            case CARD ->
                Optional.of(new CardShot(
                        own.key(),
                        title,
                        own.rows().stream().map(r -> CardShot.Row.of("", r)).toList(),
                        "",
                        TAIL));
            case MAP ->
                may.reached()
                        .map(e -> new MapShot(own.key(), title, Optional.of(e), false, Optional.empty(), "", TAIL));
        };
    }
}
