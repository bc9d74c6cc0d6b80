package hitch.core.detail;

import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthText;
import hitch.core.run.Phase;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * One more thing that can be said of a finding, or known of a job. Every screen, file and sentence takes it from here.
 *
 * @param <T> what a value of it is
 */
public final class Detail<T> {
    private static final Map<String, Detail<?>> ALL = new LinkedHashMap<>();
    private static final Map<String, Detail<?>> OF_JOBS = new LinkedHashMap<>();

    public static final Detail<String> OR = pipe("or", "Or else", Form.text("opening"), v -> "or else " + v);
    public static final Detail<Step> STEP =
            pipe("step", "Step", Form.words(Step.values()), v -> "stepping " + v.word() + " as the water runs");
    public static final Detail<Shape> SHAPE = pipe("shape", "Shape", Form.words(Shape.values()), Shape::word);
    public static final Detail<Distance> FACE =
            pipe("face", "Face showing", Form.length(), v -> LengthText.write(v) + " of the pipe's face showing");
    public static final Detail<State> STATE = pipe("state", "State", Form.words(State.values()), State::word);
    public static final Detail<Integer> LEFT =
            pipe("left", "Wall left", Form.percent(), v -> v + " % of the wall left");
    public static final Detail<Made> MADE =
            pipe("made", "Made by", Form.words(Made.values()), v -> "made by " + v.word());
    public static final Detail<Count> COUNT = pipe("count", "How many", Form.count(), Count::words);
    public static final Detail<String> CAUSE = pipe("cause", "Caused by", Form.text("roots"), v -> "because of " + v);
    /** The id of the finding that brought it about, where somebody said which. */
    public static final Detail<String> CAUSED_BY =
            pipe("caused_by", "Caused by which", Form.text("F12"), v -> "because of " + v);

    public static final Detail<String> HOLDS =
            pipe("holds", "Holds back", Form.text("wipes"), v -> "holding back " + v);
    public static final Detail<String> WITH = pipe("with", "Goes with", Form.text("a crack"), v -> "with " + v);
    public static final Detail<Integer> SEEN_SHARE =
            pipe("seen", "Wall seen", Form.percent(), v -> "only " + v + " % of the wall was seen");
    public static final Detail<Phase> PHASE =
            pipe("phase", "When", Form.of(Phase::word, List.of(Phase.BEFORE, Phase.AFTER, Phase.BEYOND)), Phase::word);
    public static final Detail<String> TOOL = pipe("tool", "Tool", Form.text("cutter"), v -> "with a " + v);
    public static final Detail<Distance> TOOL_WIDTH =
            pipe("tool_width", "Tool's width", Form.length(), v -> LengthText.write(v) + " wide");
    public static final Detail<Flow> WATER =
            pipe("water", "Water then", Form.words(Flow.values()), v -> "with the water " + v.word());
    public static final Detail<Gear> GEAR = pipe("gear", "Gear", Form.gear(), Gear::words);
    public static final Detail<Frame> FRAME = pipe(
            "frame",
            "Left and right",
            Form.words(Frame.values()),
            v -> v == Frame.WITH_FLOW ? "looking with the flow" : "seen from the street");
    public static final Detail<Way> WAY = pipe("way", "Went", Form.words(Way.values()), Way::word);
    public static final Detail<Distance> BEYOND =
            pipe("beyond", "How far beyond", Form.length(), v -> "followed for " + LengthText.write(v));
    public static final Detail<String> STREET = pipe("street", "Under", Form.text("alley"), v -> "in the " + v);
    public static final Detail<Surface> SURFACE =
            pipe("surface", "Ground above", Form.of(Surface::word, List.of(Surface.values())), Surface::above);
    public static final Detail<String> MARK = pipe("mark", "Mark", Form.text("green paint"), v -> "marked: " + v);
    public static final Detail<List<Evidence>> EVIDENCE = pipe(
            "evidence",
            "Known by",
            Form.several(Evidence.values()),
            v -> "known by " + Form.several(Evidence.values()).write().apply(v));
    public static final Detail<String> BRANCH = house("branch", "Branch of", Form.text("kitchen"), v -> "of the " + v);
    public static final Detail<String> ROOM = house("room", "Room", Form.text("hall bath"), v -> v);
    public static final Detail<String> RAN = house("ran", "How it was run", Form.text("5 min"), v -> "run " + v);
    public static final Detail<Arrival> ARRIVED =
            house("arrived", "Water came", Form.words(Arrival.values()), v -> switch (v) {
                case SEEN -> "its water was seen to come";
                case HEARD -> "its water was only heard";
                case NO -> "its water never came";
                case UNTESTED -> "not tested";
            });
    public static final Detail<Duration> DELAY = house("delay", "After", Form.time(), v -> "after " + Times.write(v));
    public static final Detail<Kept> KEPT = house("kept", "Kept", Form.words(Kept.values()), Kept::word);
    public static final Detail<String> ASKS = house("asks", "For what", Form.text("cleaning"), v -> "for " + v);
    public static final Detail<String> WHEN = house("when", "When it is", Form.text("since March"), v -> v);
    public static final Detail<String> WHO =
            new Detail<>("who", "Who", Form.text("tenant"), v -> "by the " + v, Reach.PEOPLE);

    /** Somebody wants to look at it once more before anything goes out. */
    public static final Detail<String> LOOK_AGAIN = new Detail<>(
            "look_again", "Second look", Form.text("before hand-over"), v -> "to be looked at again", Reach.FIRM);

    // What is known of a whole job.
    public static final Detail<String> JOB_NUMBER = job("job_number", "Job number", Form.text("2026-114"), Reach.PIPE);
    public static final Detail<String> UPPER_STRUCTURE =
            job("upper_structure", "Public structure above", Form.text("A-114"), Reach.PIPE);
    public static final Detail<String> LOWER_STRUCTURE =
            job("lower_structure", "Public structure below", Form.text("A-115"), Reach.PIPE);
    public static final Detail<String> PURPOSE = job("purpose", "Purpose", Form.text("before a purchase"), Reach.HOUSE);
    public static final Detail<String> CALLED =
            job("called", "Why they called", Form.text("the tub drains slowly"), Reach.HOUSE);
    public static final Detail<String> OPERATOR =
            job("operator", "Operated by", Form.text("the technician"), Reach.PEOPLE);
    public static final Detail<String> PRESENT =
            job("present", "Who was there", Form.text("owner, plumber"), Reach.PEOPLE);
    public static final Detail<String> OCCUPIED =
            job("occupied", "Occupied or idle", Form.text("idle since March"), Reach.HOUSE);
    public static final Detail<Integer> BUILT = job("built", "Year built", Form.year(), Reach.HOUSE);
    public static final Detail<String> LAST_SERVICE =
            job("last_service", "Last service", Form.text("snaked in October"), Reach.HOUSE);
    public static final Detail<String> NEXT_SERVICE =
            job("next_service", "Next service", Form.text("in 12 months"), Reach.HOUSE);
    public static final Detail<String> WARRANTY =
            job("warranty", "Warranty said", Form.text("90 days on the cleaning"), Reach.HOUSE);
    public static final Detail<String> WEATHER =
            job("weather", "Weather", Form.text("rain the night before"), Reach.PIPE);

    public static final Detail<String> SHARING =
            job("sharing", "Permission to share", Form.text("owner agreed"), Reach.FIRM);

    /** Names, with commas between, that are taken out of whatever goes to somebody who may not know the people. */
    public static final Detail<String> NAMES =
            job("names", "Names to leave out", Form.text("Ada Quill, Mr Orme"), Reach.FIRM);

    /** Who may be shown it. */
    private enum Reach {
        /** It is of the pipe: whoever may see the finding. */
        PIPE,
        /** It is of the house and of what is asked of people: nobody whose concern is the public part alone. */
        HOUSE,
        /** It names people: only who may know them. */
        PEOPLE,
        /** It stays with the firm. */
        FIRM
    }

    private final String key;
    private final String title;
    private final Form<T> form;
    private final Function<T, String> says;
    private final Reach reach;

    private Detail(String key, String title, Form<T> form, Function<T, String> says, Reach reach) {
        this(key, title, form, says, reach, ALL);
    }

    private Detail(
            String key,
            String title,
            Form<T> form,
            Function<T, String> says,
            Reach reach,
            Map<String, Detail<?>> among) {
        this.key = key;
        this.title = title;
        this.form = form;
        this.says = says;
        this.reach = reach;
        if (of(key).isPresent()) {
            throw new IllegalStateException("two details are called " + key);
        }
        among.put(key, this);
    }

    private static <T> Detail<T> job(String key, String title, Form<T> form, Reach reach) {
        return new Detail<>(key, title, form, form.write(), reach, OF_JOBS);
    }

    private static <T> Detail<T> pipe(String key, String title, Form<T> form, Function<T, String> says) {
        return new Detail<>(key, title, form, says, Reach.PIPE);
    }

    private static <T> Detail<T> house(String key, String title, Form<T> form, Function<T, String> says) {
        return new Detail<>(key, title, form, says, Reach.HOUSE);
    }

    /** What can be known of a whole job, in the order it is told. */
    public static List<Detail<?>> ofJobs() {
        return List.copyOf(OF_JOBS.values());
    }

    /** Every detail of a finding, in the order they are told. */
    public static List<Detail<?>> all() {
        return List.copyOf(ALL.values());
    }

    /** The detail of a key; empty where there is none. */
    public static Optional<Detail<?>> of(String key) {
        return Optional.<Detail<?>>ofNullable(ALL.get(key)).or(() -> Optional.ofNullable(OF_JOBS.get(key)));
    }

    /** Its name in files: lower case, no spaces. */
    public String key() {
        return key;
    }

    /** Its label in a form. */
    public String title() {
        return title;
    }

    /** A value as it is stored and typed. */
    public String write(T value) {
        return form.write().apply(value);
    }

    /** What a text says; empty where it is no value of this. */
    public Optional<T> read(String text) {
        return form.read().apply(text);
    }

    /** The texts of all values there are; empty where any is possible. */
    public List<String> choices() {
        return form.choices().stream().map(form.write()).toList();
    }

    /** What a value looks like, for a prompt. */
    public String example() {
        return form.like();
    }

    /** A value in a part of a sentence. */
    public String say(T value) {
        return says.apply(value);
    }

    /** Whether its value is free words, which may hold a name. */
    public boolean isFree() {
        return form.choices().isEmpty() && form.read().apply("any words").isPresent();
    }

    /**
     * Whether a recipient may see it.
     *
     * @param house whether the recipient is told of the house
     * @param people whether the recipient may know who was there
     */
    public boolean isFor(boolean house, boolean people) {
        return switch (reach) {
            case PIPE -> true;
            case HOUSE -> house;
            case PEOPLE -> house && people;
            case FIRM -> false;
        };
    }

    @Override
    public String toString() {
        return key;
    }
}
