package hitch.core.story;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.FrameRef;
import hitch.core.line.GroundMark;
import hitch.core.story.words.Grammar;
import hitch.core.story.words.Named;
import hitch.core.survey.told.Photos.Photo;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The yard: where the marks are, with the clip or the photograph that shows them. */
final class AbovePart {
    private static final int MARK_WORTH = 22;
    private static final int PHOTO_WORTH = 16;

    private final Talk talk;

    AbovePart(Talk talk) {
        this.talk = talk;
    }

    /**
     * @param locates depths that were measured from above, in order
     */
    Optional<Fit.Part> part(List<LocatedFinding> locates) {
        List<Telling> tellings = new ArrayList<>();
        locates.forEach(l -> tellings.add(locate(l)));
        if (!talk.isRecord()) {
            talk.may().photos().stream()
                    .filter(p -> talk.may().source(p.clip().id()).isPresent())
                    .forEach(p -> tellings.add(photo(p)));
        }
        if (tellings.isEmpty()) {
            return Optional.empty();
        }
        if (!talk.isRecord()) {
            Telling first = tellings.getFirst();
            List<Said> said = new ArrayList<>(List.of(Talk.more(talk.teller().say("above.head"))));
            said.addAll(first.said());
            tellings.set(0, new Telling(first.shot(), said, first.worth()));
        }
        return Optional.of(new Fit.Part("Above ground", tellings));
    }

    private Telling locate(LocatedFinding found) {
        return new Telling(FindingFootage.of(talk, found, 0, Optional.empty(), false), said(found), MARK_WORTH);
    }

    private List<Said> said(LocatedFinding found) {
        if (talk.isRecord()) {
            return List.of(Talk.needed(talk.place(found)), Talk.needed(Wording.what(found)));
        }
        GroundMark ground = found.finding().traits().ground();
        Optional<String> depth = found.finding()
                .traits()
                .depth()
                .map(d -> talk.may().unit().forDepths().show(d))
                .map(d -> d.replaceFirst(" 0 in$", ""));
        List<Said> said = new ArrayList<>();
        if (depth.isPresent()) {
            said.add(Talk.needed(
                    ground.surface().isPresent()
                            ? talk.teller()
                                    .say(
                                            "above.locate",
                                            "depth",
                                            depth.get(),
                                            "under",
                                            ground.surface().get().above())
                            : talk.teller().say("above.locate.bare", "depth", depth.get())));
        }
        if (!ground.mark().isBlank()) {
            said.add(Talk.more(talk.teller().say("above.spot", "mark", mark(ground))));
        }
        return said;
    }

    private static String mark(GroundMark ground) {
        String mark = Grammar.lower(ground.mark());
        boolean much = mark.matches(".*(?:paint|chalk)");
        return (much ? mark : Grammar.a(mark)) + (ground.near().isBlank() ? "" : ", near " + ground.near());
    }

    private Telling photo(Photo photo) {
        Optional<LocatedFinding> found = photo.finding().filter(f -> f.finding().kind() != FindingKind.LOCATE);
        String place = photo.finding()
                .map(talk::place)
                .or(() -> photo.at().map(at -> talk.may().place(at).all()))
                .orElse("");
        String says;
        String caption;
        if (found.isPresent()) {
            String what = Named.of(found.get().finding(), talk.teller().book()).what();
            says = talk.teller().say("above.photo", "what", what, "place", place);
            caption = Grammar.capital(found.get().finding().kind().word()) + ", " + place;
        } else if (!place.isBlank()) {
            says = talk.teller().say("above.photo.place", "place", place);
            caption = "From above, " + place;
        } else {
            says = talk.teller().say("above.photo.room", "room", Grammar.lower(photo.room()));
            caption = Grammar.capital(photo.room());
        }
        return new Telling(
                new StillShot(
                        "photo:" + photo.clip().id(),
                        caption,
                        new FrameRef(photo.clip().id(), photo.clip().firstPts()),
                        caption,
                        Optional.empty(),
                        "",
                        0),
                List.of(Talk.needed(says)),
                PHOTO_WORTH);
    }
}
