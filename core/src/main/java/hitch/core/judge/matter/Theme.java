package hitch.core.judge.matter;

import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.detail.Made;
import hitch.core.detail.State;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** What findings ask for; those of one theme are met alike. In the order in which they are told where nothing else decides. */
public enum Theme {
    BLOCKAGE("blockage", "Blockage", "blockages", Weight.NOTED, ""),
    ROOTS("roots", "Roots", "places with roots", Weight.NOTED, ""),
    OPEN_WALL("open wall", "Open wall", "places where the wall is open", Weight.NOTED, ""),
    STEPS("offsets and gaps", "Offset", "offsets and gaps", Weight.NOTED, ""),
    CRACKS("cracks", "Crack", "cracks", Weight.NOTED, ""),
    SHAPE("pipe out of round", "Pipe out of round", "places out of round", Weight.NOTED, ""),
    CRUST("scale", "Scale", "places with scale", Weight.NOTED, ""),
    DEPOSITS("grease and deposits", "Deposits", "places with deposits", Weight.NOTED, ""),
    SOLIDS("paper and wipes", "Paper and wipes", "places with paper or wipes", Weight.NOTED, ""),
    WATER("standing water", "Standing water", "stretches of standing water", Weight.NOTED, ""),
    MAKESHIFT(
            "makeshift work",
            "Makeshift work",
            "places of makeshift work",
            Weight.WATCH,
            "how it was made does not tell how it holds"),
    UNKNOWN_USE(
            "connections of unknown use",
            "Connection of unknown use",
            "connections of unknown use",
            Weight.WATCH,
            "nobody knows what it serves"),
    ARRIVAL(
            "water that never arrived",
            "Water that never arrived",
            "fixtures whose water never arrived",
            Weight.WATCH,
            "its water was watched for and never came"),
    ANIMALS("animals", "Animals", "places with animals", Weight.NOTED, ""),
    HIDDEN(
            "what was not seen",
            "What was not seen",
            "places where it was not seen",
            Weight.WATCH,
            "the pipe beyond it was not seen"),
    OPENINGS("openings", "Openings", "openings", Weight.WATCH, "a way in is missing"),
    AGE("age of the pipe", "Age of the pipe", "stretches past their age", Weight.WATCH, "it is past its years"),
    USE("use", "Not put to use", "", Weight.NOTED, "");

    private static final Pattern NOBODY_KNOWS = Pattern.compile(
            "\\b(?:unknown|unidentified|not sure what|don'?t know|no idea|nobody knows|can'?t tell|whatever)\\b");

    private final String word;
    private final String title;
    private final String several;
    private final Weight least;
    private final String why;

    Theme(String word, String title, String several, Weight least, String why) {
        this.word = word;
        this.title = title;
        this.several = several;
        this.least = least;
        this.why = why;
    }

    /** Its name in files and in a sentence. */
    public String word() {
        return word;
    }

    public String title() {
        return title;
    }

    /** What several of it are called, as in {@code three offsets and gaps}. */
    public String several() {
        return several;
    }

    /** The least that a matter of it asks for. */
    public Weight least() {
        return least;
    }

    /** Why it asks for that much; blank where its findings tell. */
    public String why() {
        return why;
    }

    /** Whether what it asks for can close the bore, so that cleaning must come before anything else. */
    public boolean closesTheBore() {
        return switch (this) {
            case BLOCKAGE, ROOTS, CRUST, DEPOSITS, SOLIDS -> true;
            default -> false;
        };
    }

    /** Whether one cleaning sees to all of it, however much there is at each place. */
    boolean isCleanedTogether() {
        return closesTheBore();
    }

    /** What a finding asks for; empty where it asks for nothing by its kind. */
    public static Optional<Theme> of(LocatedFinding found) {
        Details details = found.finding().traits().details();
        Optional<State> state = details.get(Detail.STATE);
        boolean open =
                state.filter(s -> s == State.OPEN_TO_SOIL || s == State.VOID).isPresent();
        return switch (found.finding().kind()) {
            case ROOTS -> Optional.of(ROOTS);
            case BREAK, HOLE, SOIL -> Optional.of(OPEN_WALL);
            case OFFSET, GAP -> Optional.of(open ? OPEN_WALL : STEPS);
            case CRACK -> Optional.of(open ? OPEN_WALL : CRACKS);
            case DEFORMATION, BLISTER -> Optional.of(open ? OPEN_WALL : SHAPE);
            case SCALE, LIME -> Optional.of(CRUST);
            case GREASE, SCUM, SLUDGE, DEBRIS -> Optional.of(DEPOSITS);
            case PAPER, WIPES -> Optional.of(SOLIDS);
            case BLOCKAGE -> Optional.of(BLOCKAGE);
            case STANDING_WATER, FLAT_GRADE, REVERSE_GRADE -> Optional.of(WATER);
            case REPAIR -> isInOrder(state) ? Optional.empty() : Optional.of(MAKESHIFT);
            case TIE_IN, MAIN_CONNECTION, COUPLING, JOINT -> connection(found, details, state, open);
            case INSECTS -> Optional.of(ANIMALS);
            case LIMIT, UNDER_WATER -> Optional.of(HIDDEN);
            default -> Optional.empty();
        };
    }

    private static Optional<Theme> connection(
            LocatedFinding found, Details details, Optional<State> state, boolean open) {
        if (open) {
            return Optional.of(OPEN_WALL);
        }
        boolean unsealed =
                state.filter(s -> s == State.NOT_SEALED || s == State.LEAKING).isPresent();
        boolean brokenIn =
                details.get(Detail.MADE).filter(m -> m == Made.BREAK_IN).isPresent() && !isInOrder(state);
        if (unsealed || brokenIn) {
            return Optional.of(MAKESHIFT);
        }
        boolean tieIn = found.finding().kind() == FindingKind.TIE_IN;
        Certainty sure = found.finding().certainty();
        boolean unknown = sure == Certainty.ONE_OF_TWO
                || NOBODY_KNOWS
                        .matcher(found.finding().wording().toLowerCase(Locale.ROOT))
                        .find();
        return tieIn && unknown && details.get(Detail.BRANCH).isEmpty() ? Optional.of(UNKNOWN_USE) : Optional.empty();
    }

    private static boolean isInOrder(Optional<State> state) {
        return state.filter(s -> s == State.IN_ORDER || s == State.SEALED || s == State.CLEAR)
                .isPresent();
    }
}
