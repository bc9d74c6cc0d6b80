package hitch.core.story;

import hitch.core.finding.Finding;
import hitch.core.finding.LocatedFinding;
import hitch.core.pipe.Material;
import hitch.core.pipe.Pipe;
import hitch.core.pipe.PipeSize;
import hitch.core.story.words.Grammar;
import hitch.core.story.words.Named;
import hitch.core.story.words.Teller;
import hitch.core.survey.PlaceWords;
import java.util.Optional;

/** The sentence that says what there is and where. */
final class WhereAndWhat {
    private final Talk talk;
    private final Teller teller;

    WhereAndWhat(Talk talk) {
        this.talk = talk;
        this.teller = talk.teller();
    }

    /**
     * @param way whether it is told which way it lies
     */
    String of(LocatedFinding found, boolean way) {
        Finding f = found.finding();
        Optional<PlaceWords> place = talk.may().place(found);
        String at = place.map(p -> Talk.at(p) + (way && !p.distance().isBlank() ? " " + p.way() : ""))
                .map(String::strip)
                .orElse("");
        return switch (f.kind()) {
            case MATERIAL_CHANGE, SIZE_CHANGE -> changes(f, at);
            case MAIN_CONNECTION -> somewhere("found.main", at);
            case BOUNDARY -> somewhere("found.boundary", at);
            case END -> somewhere("found.end", at);
            case LIMIT ->
                place.isEmpty()
                        ? teller.say("found.remark.nowhere", "remark", Grammar.lower(Wording.what(found)))
                        : teller.say(
                                "found.limit", "at", at, "place", place.get().all());
            case PART_SEEN -> somewhere("found.part-seen", at);
            case REMARK -> remark(f, at);
            default -> thing(found, place, at);
        };
    }

    private String somewhere(String heading, String at) {
        return teller.say(heading, "at", at.isEmpty() ? "somewhere along the line" : at);
    }

    private String remark(Finding f, String at) {
        String remark = f.remark().isBlank() ? f.kind().word() : Grammar.lower(f.remark());
        return at.isEmpty()
                ? teller.say("found.remark.nowhere", "remark", remark)
                : teller.say("found.remark", "at", at, "remark", remark);
    }

    private String thing(LocatedFinding found, Optional<PlaceWords> place, String at) {
        Named named = Named.of(found.finding(), teller.book());
        if (place.isEmpty()) {
            return teller.say("found.nowhere", "are", named.are(), "what", named.what());
        }
        boolean stretch = found.extent().filter(e -> !e.isPoint()).isPresent();
        if (stretch) {
            return teller.say(
                    "found.long", "from", at.replaceFirst("^at ", "from "), "are", named.are(), "what", named.what());
        }
        return teller.say("found", "at", at, "are", named.are(), "show", named.show(), "what", named.what());
    }

    private String changes(Finding f, String at) {
        Optional<String> before = f.traits().before().material().map(this::material);
        Optional<String> after = f.traits().after().material().map(this::material);
        if (after.isEmpty() || before.equals(after)) {
            return somewhere("change.other", at);
        }
        if (at.isEmpty()) {
            return teller.say("change.nowhere", "after", after.get());
        }
        String newer = newer(f.traits().before(), f.traits().after()) + after.get();
        return before.isPresent()
                ? teller.say("change", "at", at, "before", before.get(), "after", newer)
                : teller.say("change.to", "at", at, "place", at.replaceFirst("^at ", ""), "after", newer);
    }

    private String material(Material material) {
        return teller.book().word("materials", material.word()).orElse(material.word());
    }

    /** Plastic behind an older pipe is newer pipe. */
    private static String newer(Pipe before, Pipe after) {
        return isPlastic(after) && !isPlastic(before) ? "newer " : "";
    }

    private static boolean isPlastic(Pipe pipe) {
        return pipe.material()
                .filter(m -> m == Material.PVC || m == Material.ABS)
                .isPresent();
    }

    /** Whether the pipe is wider or narrower from here on. */
    Optional<String> wider(Finding f) {
        Optional<PipeSize> before = f.traits().before().size();
        Optional<PipeSize> after = f.traits().after().size();
        if (before.isEmpty() || after.isEmpty() || before.equals(after)) {
            return Optional.empty();
        }
        boolean wider = after.get().bore().compareTo(before.get().bore()) > 0;
        return Optional.of(teller.say(wider ? "change.size" : "change.smaller"));
    }
}
