package hitch.core.story;

import hitch.core.finding.Certainty;
import hitch.core.finding.Cleanable;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Lasting;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.LengthUnit;
import hitch.core.run.Phase;
import hitch.core.survey.Line;
import hitch.core.survey.PlaceWords;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The one wording of a finding that video, captions, report and tables share. */
public final class Wording {
    private Wording() {}

    /** What stands where a place is not known. */
    public static final String NO_STATION = "no station";

    /** Where the finding is: {@code 31.4 ft toward the main}, or that it has no station. */
    public static String place(LocatedFinding found, Line line, LengthUnit unit) {
        return line.place(found, unit).map(PlaceWords::all).orElse(NO_STATION);
    }

    /** What it is, with its free text: {@code Roots, at the top, heavy; through the joint}. */
    public static String what(LocatedFinding found) {
        String phrase = found.finding().phrase();
        String remark = found.finding().remark();
        boolean said = remark.isBlank() || found.finding().kind() == FindingKind.REMARK;
        String lasting = found.lasting().word();
        Phase phase = found.phase();
        boolean when = phase != Phase.NOT_SAID
                && found.lasting() != Lasting.CLEANED_SINCE
                && Cleanable.is(found.finding().kind());
        return Stream.of(phrase, said ? "" : remark, lasting, when ? phase.word() : "")
                .filter(t -> !t.isBlank())
                .collect(Collectors.joining("; "));
    }

    /** What a finding of its kind means to somebody who lives above it, one sentence. */
    public static String meaning(LocatedFinding found) {
        String meaning = ofKind(found);
        Certainty certainty = found.finding().certainty();
        return meaning.isEmpty() || certainty.isTaken()
                ? meaning
                : "If it is so: " + Character.toLowerCase(meaning.charAt(0)) + meaning.substring(1);
    }

    private static String ofKind(LocatedFinding found) {
        return switch (found.finding().kind()) {
            case ROOTS -> "Roots come in through a joint for the water, and they grow back after cutting.";
            case OFFSET -> "Two lengths of pipe no longer meet; a step like this can catch paper.";
            case GAP -> "The joint has opened and its face shows.";
            case CRACK -> "The wall is cracked but in place.";
            case BREAK, HOLE -> "The wall is open to the soil here.";
            case SOIL -> "Soil washes into the pipe, and leaves a hollow outside it.";
            case DEFORMATION -> "The pipe has lost its round shape.";
            case BLISTER -> "The wall has swollen inwards, as this pipe does when it grows old.";
            case LIME -> "Hard water has left a crust on the wall.";
            case SCALE -> "Rust has built up on the wall and makes it rough.";
            case DEBRIS, SLUDGE, GREASE, SCUM, PAPER, WIPES -> "It sits in the pipe and can be cleaned out.";
            case INSECTS -> "Animals live in the pipe, or come in where it is open.";
            case SKID_MARKS -> "The camera or a tool has marked the wall; it does no harm.";
            case BLOCKAGE -> "Little can pass here.";
            case STANDING_WATER -> "The pipe dips here and does not drain dry.";
            case UNDER_WATER -> "The camera was under water and the wall could not be seen.";
            case MATERIAL_CHANGE, SIZE_CHANGE -> "One pipe ends here and another begins.";
            case FLAT_GRADE -> "The pipe has little fall here, so solids travel slowly.";
            case REVERSE_GRADE -> "The pipe falls the wrong way here and holds water.";
            case REPAIR -> "Somebody has mended the pipe here before.";
            case JOINT, COUPLING, BEND, DROP -> "It is a normal part of a pipe.";
            case TIE_IN -> "Another drain joins here.";
            case BACKWATER_VALVE -> "A flap here keeps the main's water out of the house; it needs care.";
            case END -> "The pipe ends here.";
            case OPENING -> "The pipe can be reached from here.";
            case BOUNDARY -> "Who owns the pipe beyond it is for local rules to say.";
            case MAIN_CONNECTION -> "Your pipe ends here and the public main begins.";
            case LIMIT -> "Nothing past this point was seen.";
            case PART_SEEN -> "A part of the wall was hidden here, so nothing can be said of it.";
            case LOCATE -> "The pipe lies this deep under the mark.";
            case FIXTURE_TEST -> "Water was run above to see where it arrives.";
            case EQUIPMENT -> "The camera was made narrower or wider to get on.";
            case SURFACE -> "It is what would have to be opened to dig here.";
            case CLEANED -> "The pipe was cleaned here.";
            case SYMPTOM -> "It is what was noticed in the house.";
            case PROMISE -> "It was to be looked at once more.";
            case VERDICT -> "It is what the technician concluded on the spot.";
            case ADVICE -> "It is what the technician advised on the spot.";
            case REMARK -> "";
        };
    }
}
