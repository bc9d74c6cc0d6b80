package hitch.desk.key;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/** What a key does, and where. No two acts of one place, nor of a place and of everywhere, have one key. */
public enum Act {
    UNDO(Place.EVERYWHERE, "Take the last change back", "Shortcut+Z"),
    REDO(Place.EVERYWHERE, "Make it again", "Shortcut+Shift+Z"),
    PLAY_ANYWHERE(Place.EVERYWHERE, "Play or pause, also while typing", "Shortcut+Space"),
    BENCH_1(Place.EVERYWHERE, "Load", "Shortcut+1"),
    BENCH_2(Place.EVERYWHERE, "Mark", "Shortcut+2"),
    BENCH_3(Place.EVERYWHERE, "Line", "Shortcut+3"),
    BENCH_4(Place.EVERYWHERE, "Judge", "Shortcut+4"),
    BENCH_5(Place.EVERYWHERE, "Cut", "Shortcut+5"),
    BENCH_6(Place.EVERYWHERE, "Hand over", "Shortcut+6"),
    TEXT_LARGER(
            Place.EVERYWHERE,
            "Larger text",
            "Shortcut+Plus",
            "Shortcut+Shift+Plus",
            "Shortcut+Equals",
            "Shortcut+Shift+Equals"),
    TEXT_SMALLER(Place.EVERYWHERE, "Smaller text", "Shortcut+Minus"),
    FIRM(Place.EVERYWHERE, "The firm: its rules, prices and people", "Shortcut+F"),
    HISTORY(Place.EVERYWHERE, "What was done to this job", "Shortcut+H"),
    MISSING(Place.EVERYWHERE, "What is missing before the van leaves", "Shortcut+M"),
    HIDE(Place.EVERYWHERE, "Hide a part of the picture, mute sound", "Shortcut+Shift+H"),
    ACTS(Place.EVERYWHERE, "Find an act by its words", "F2"),
    SHEET(Place.EVERYWHERE, "This sheet of keys", "Shift+Slash", "F1"),

    CLIP_EARLIER(Place.LOAD, "Put the clip under the hand earlier", "Alt+Up"),
    CLIP_LATER(Place.LOAD, "Put it later", "Alt+Down"),
    TAKE_RUNS(Place.LOAD, "Take all runs that are proposed", "Alt+T"),
    READ_CLIPS(Place.LOAD, "Read clips and listen to them", "Alt+R"),

    PLAY(Place.MARK, "Play or pause", "Space"),
    FRAME_BACK(Place.MARK, "One frame back", "Left"),
    FRAME_ON(Place.MARK, "One frame on", "Right"),
    TEN_BACK(Place.MARK, "Ten frames back", "Shift+Left"),
    TEN_ON(Place.MARK, "Ten frames on", "Shift+Right"),
    FASTER(Place.MARK, "Faster", "Up"),
    SLOWER(Place.MARK, "Slower", "Down"),
    BACKWARD(Place.MARK, "Play the other way round", "B"),
    LOOP(Place.MARK, "Start of a loop, then its end, then none", "L"),
    STOP_NEXT(Place.MARK, "To where the camera next comes to rest", "Page_Down"),
    STOP_BEFORE(Place.MARK, "To where it last came to rest", "Page_Up"),
    SOUND(Place.MARK, "Sound on or off", "S"),
    SEE_BETTER(Place.MARK, "Turn, mirror or brighten the picture", "V"),
    TURN_OVER(Place.MARK, "Half a turn from here on", "U"),
    AS_RECORDED(Place.MARK, "Show the footage as recorded", "O"),
    CHART_IN(Place.MARK, "Zoom the chart in", "Plus", "Shift+Plus", "Equals", "Shift+Equals", "Add"),
    CHART_OUT(Place.MARK, "Zoom the chart out", "Minus", "Subtract"),
    CHART_ALL(Place.MARK, "Show all of the chart", "0", "Numpad 0"),
    MEASURE(Place.MARK, "Measure on the picture", "W"),
    DRAW(Place.MARK, "Draw on the chosen finding's still", "H"),
    NOTE(Place.MARK, "Write a note", "N"),
    COUNTER(Place.MARK, "Set what the counter shows", "C"),
    ZEROED(Place.MARK, "The counter was zeroed at this frame", "Z"),
    READ_COUNTER(Place.MARK, "Read the counter off this clip's pictures", "K"),
    PAIR(Place.MARK, "Two frames at this place side by side", "P"),
    FIND_JOINTS(Place.MARK, "Find the joints along this clip", "R"),
    COUNTER_BOX(Place.MARK, "Draw a box round the counter", "G"),
    NEXT_DOUBT(Place.MARK, "To the next doubtful place", "J"),
    NEXT_LOOK(Place.MARK, "To the next place that stands out", "Shift+J"),
    WAVE_AWAY(Place.MARK, "Nothing is at the place that stands out", "Shift+Q"),
    SAID(Place.MARK, "Show or hide what was said", "T"),
    SAY_MORE(Place.MARK, "Show all that is said of the chosen finding", "I"),
    MERGE(Place.MARK, "Both are one finding", "Y"),
    KEEP_APART(Place.MARK, "Both are two findings", "D"),
    AMEND(Place.MARK, "Say the chosen finding anew", "E"),
    MOVE_HERE(Place.MARK, "Move the chosen finding to this frame", "M"),
    AGAIN_HERE(Place.MARK, "Note the same at this frame too", "A"),
    AGAIN_AT_JOINTS(Place.MARK, "Note the same at every joint to here", "Shift+A"),
    LOOK_AGAIN(Place.MARK, "Look at it again before hand-over", "Q"),
    COPY_WORDS(Place.MARK, "Copy its sentence and its still", "Shortcut+C"),
    COMMON_1(Place.MARK, "Note the commonest kind here", "1", "Numpad 1"),
    COMMON_2(Place.MARK, "Note the second commonest kind", "2", "Numpad 2"),
    COMMON_3(Place.MARK, "Note the third commonest kind", "3", "Numpad 3"),
    COMMON_4(Place.MARK, "Note the fourth commonest kind", "4", "Numpad 4"),
    COMMON_5(Place.MARK, "Note the fifth commonest kind", "5", "Numpad 5"),
    LISTEN(Place.MARK, "Listen to the shown clip", "Shortcut+L"),
    SAY_IT(Place.MARK, "Hold to speak a note", "F"),
    CAPTIONS(Place.MARK, "Add captions of what was said", "Shortcut+O"),
    WRITE_CLIPS(Place.MARK, "Write its evidence clips", "X"),
    REMOVE(Place.MARK, "Remove it", "Delete"),

    TOOL_JOINT(Place.MEASURE, "Step and gap", "1", "Numpad 1"),
    TOOL_LENGTH(Place.MEASURE, "Length", "2", "Numpad 2"),
    TOOL_WIDTH(Place.MEASURE, "Width", "3", "Numpad 3"),
    TOOL_WATER(Place.MEASURE, "Water", "4", "Numpad 4"),
    TOOL_SHARE(Place.MEASURE, "Share taken", "5", "Numpad 5"),
    TOOL_ROUND(Place.MEASURE, "Out of round", "6", "Numpad 6"),
    MEASURE_TAKE(Place.MEASURE, "Take the first size", "Enter"),
    MEASURE_BACK(Place.MEASURE, "Take the last click back", "Backspace"),
    MEASURE_DONE(Place.MEASURE, "Leave measuring", "Esc"),

    KEEP_SAID(Place.SPOKEN, "Keep it", "Y"),
    KEEP_AS_NEW(Place.SPOKEN, "Keep it as another thing", "D"),
    KEEP_SURE(Place.SPOKEN, "Keep all that is sure", "Shift+Y"),
    SHOW_UNLIKELY(Place.SPOKEN, "Show what only sounds like something, or hide it", "U"),
    REFUSE_SAID(Place.SPOKEN, "Refuse it", "R", "Delete"),
    REWORD_SAID(Place.SPOKEN, "Reword it", "E"),
    MEND_WORDS(Place.SPOKEN, "Mend the caption's words", "W"),
    HEAR_SAID(Place.SPOKEN, "Play it", "P", "Enter"),
    KEEP_AT_SAID(Place.SPOKEN, "Keep it at the place that was said", "1", "Numpad 1"),
    KEEP_AT_COUNTER(Place.SPOKEN, "Keep it where the counter is", "2", "Numpad 2"),
    KEEP_AT_LIKELY(Place.SPOKEN, "Keep it at the likely place", "3", "Numpad 3"),

    ASK_NEXT(Place.JUDGE, "Choose the next ask", "N"),
    ASK_BEFORE(Place.JUDGE, "Choose the ask before", "P"),
    ASK_ACCEPT(Place.JUDGE, "Accept it as it stands", "Y"),
    ASK_DECLINE(Place.JUDGE, "Decline it", "D"),
    ASK_PROPOSED(Place.JUDGE, "Give it back to what is proposed", "R"),
    ASK_WRITE(Place.JUDGE, "Write an ask of your own", "W"),
    ASK_FOOTAGE(Place.JUDGE, "Show its footage", "Enter"),
    JUDGE_ASKS(Place.JUDGE, "What to do", "1"),
    JUDGE_YEARS(Place.JUDGE, "Over the years", "2"),
    JUDGE_VISITS(Place.JUDGE, "Against an earlier visit", "3"),
    QUESTIONS(Place.JUDGE, "Questions still open", "Q"),

    WRITE_WORDS(Place.CUT, "Write in the chosen paragraph", "Shortcut+E"),
    FIND_WORDS(Place.CUT, "Find words, and replace them", "Shortcut+Shift+F"),
    SHOT_EARLIER(Place.CUT, "Move the paragraph and its shot up", "Alt+Up"),
    SHOT_LATER(Place.CUT, "Move it down", "Alt+Down"),
    RECORD_WORDS(Place.CUT, "Read it out in your own voice", "Shortcut+R"),
    SHOT_OUT(Place.CUT, "Leave it out, or tell it again", "Shortcut+L"),

    PAGE_1(Place.LINE, "What the pipe is made of", "1"),
    PAGE_2(Place.LINE, "What was really seen", "2"),
    PAGE_3(Place.LINE, "Depth and fall", "3"),
    PAGE_4(Place.LINE, "Openings", "4"),
    PAGE_5(Place.LINE, "What a tool reaches", "5"),
    PAGE_6(Place.LINE, "How the runs were tied", "6"),
    PAGE_7(Place.LINE, "What was told", "7"),
    PIPE_BACK(Place.LINE, "Go back along the pipe a little", "Comma"),
    PIPE_ON(Place.LINE, "Go on along the pipe a little", "Period"),
    FINDING_NEXT(Place.LINE, "Choose the next finding", "N"),
    FINDING_BEFORE(Place.LINE, "Choose the finding before", "P"),
    LINE_IN(Place.LINE, "Show less of the line, larger", "Plus", "Shift+Plus", "Equals", "Shift+Equals", "Add"),
    LINE_OUT(Place.LINE, "Show more of the line, smaller", "Minus", "Subtract"),
    LINE_ALL(Place.LINE, "Show all of the line", "0", "Numpad 0"),
    LINE_LEFT(Place.LINE, "Move the drawing left", "Left"),
    LINE_RIGHT(Place.LINE, "Move the drawing right", "Right"),
    OPEN_FOOTAGE(Place.LINE, "Open the best footage of this place on Mark", "Enter");

    /** Where a key does what it does. */
    public enum Place {
        EVERYWHERE("Everywhere"),
        LOAD("Load"),
        MARK("Mark"),
        MEASURE("Mark, while measuring"),
        SPOKEN("Mark, on something that was said"),
        LINE("Line"),
        JUDGE("Judge"),
        CUT("Cut");

        private final String word;

        Place(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    private final Place place;
    private final String words;
    private final List<KeyCombination> keys;

    Act(Place place, String words, String... keys) {
        this.place = place;
        this.words = words;
        this.keys = Arrays.stream(keys).map(Act::combination).toList();
    }

    private static KeyCombination combination(String text) {
        int last = text.lastIndexOf('+') + 1;
        String name = text.substring(last).replace('_', ' ');
        KeyCode code = KeyCode.getKeyCode(name);
        if (code == null) {
            throw new IllegalStateException("there is no key " + name);
        }
        return new KeyCodeCombination(
                code,
                Arrays.stream(text.substring(0, last).split("\\+"))
                        .filter(m -> !m.isBlank())
                        .map(Act::modifier)
                        .toArray(KeyCombination.Modifier[]::new));
    }

    private static KeyCombination.Modifier modifier(String name) {
        return switch (name) {
            case "Shortcut" -> KeyCombination.SHORTCUT_DOWN;
            case "Shift" -> KeyCombination.SHIFT_DOWN;
            case "Alt" -> KeyCombination.ALT_DOWN;
            default -> throw new IllegalStateException("there is no modifier " + name);
        };
    }

    public Place place() {
        return place;
    }

    /** What it does, in words. */
    public String words() {
        return words;
    }

    public List<KeyCombination> keys() {
        return keys;
    }

    /** Whether it is done also while somebody types in a field: what a field does not do by itself, and no letter. */
    public boolean worksWhileTyping() {
        return keys.stream().allMatch(k -> ((KeyCodeCombination) k).getShortcut() == KeyCombination.ModifierValue.DOWN)
                && this != UNDO
                && this != REDO;
    }

    /** Its first key as it is written on a keyboard, such as {@code Ctrl+Z} or {@code ←}. */
    public String key() {
        return written(keys.getFirst());
    }

    private static String written(KeyCombination combination) {
        KeyCodeCombination keys = (KeyCodeCombination) combination;
        String code = switch (keys.getCode()) {
            case LEFT -> "←";
            case RIGHT -> "→";
            case UP -> "↑";
            case DOWN -> "↓";
            case PLUS -> "+";
            case MINUS -> "−";
            case COMMA -> ",";
            case PERIOD -> ".";
            case SLASH -> keys.getShift() == KeyCombination.ModifierValue.DOWN ? "?" : "/";
            default -> keys.getCode().getName();
        };
        boolean shifted = keys.getShift() == KeyCombination.ModifierValue.DOWN && !code.equals("?");
        return (keys.getShortcut() == KeyCombination.ModifierValue.DOWN ? "Ctrl+" : "")
                + (keys.getAlt() == KeyCombination.ModifierValue.DOWN ? "Alt+" : "")
                + (shifted ? "Shift+" : "")
                + code;
    }

    /** Its first key as it is pressed, for whoever does it without the key. */
    public KeyEvent pressed() {
        KeyCodeCombination first = (KeyCodeCombination) keys.getFirst();
        return new KeyEvent(
                KeyEvent.KEY_PRESSED,
                "",
                "",
                first.getCode(),
                first.getShift() == KeyCombination.ModifierValue.DOWN,
                first.getShortcut() == KeyCombination.ModifierValue.DOWN,
                first.getAlt() == KeyCombination.ModifierValue.DOWN,
                false);
    }

    /** What a key stands for in a place; empty where it stands for nothing there. */
    public static Optional<Act> at(Place place, KeyEvent event) {
        return Arrays.stream(values())
                .filter(a -> a.place == place && a.keys.stream().anyMatch(k -> k.match(event)))
                .findFirst();
    }

    /** The acts of a place, in the order they are shown. */
    public static List<Act> of(Place place) {
        return Arrays.stream(values()).filter(a -> a.place == place).collect(Collectors.toList());
    }
}
