package hitch.core.talk;

import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.note.Draft;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** On which side of the pipe a thing is: as it was said with it, just after it, or of the same thing before. */
final class Sides {
    private static final Set<FindingKind> HAVE_NONE = EnumSet.of(
            FindingKind.BOUNDARY,
            FindingKind.OPENING,
            FindingKind.END,
            FindingKind.MATERIAL_CHANGE,
            FindingKind.SIZE_CHANGE,
            FindingKind.COUPLING,
            FindingKind.REMARK,
            FindingKind.STANDING_WATER,
            FindingKind.UNDER_WATER,
            FindingKind.FLAT_GRADE,
            FindingKind.LIMIT,
            FindingKind.JOINT);
    private static final double SOON_S = 9;
    /** What a guess is called that was taken back is said within so long of it. */
    private static final double AT_ONCE_S = 16;
    /** A guess is settled within so long. */
    private static final double AGAIN_S = 150;

    private static final Pattern SAME = Pattern.compile("\\b(?i:same|ditto)\\b");
    private static final Pattern THAT_SIDE = Pattern.compile("\\b(?i:that|the same|same) side\\b");

    /** What a guess that was taken back is called then. */
    private static final Pattern NAMED =
            Pattern.compile("[\\s,.]*(?i:that'?s|it'?s|that is|it is) (?i:just |only )?(?i:an?|one|some) ");

    private static final Pattern ALONG = Pattern.compile(
            "[\\s,.]*(?:(?:and|now|it'?s|that'?s|uh|um|all|mostly|it|runs|running|goes),? )*(?:all|mostly|runs|running|goes) (?:along|down|across|up|on) (?:the|your) (?:left|right|top|bottom|invert|crown|sides?)(?: side)?\\b");

    private Sides() {}

    /** The draft with its side as the words give it; a side that is none of the pipe is taken away. */
    static Draft settled(Draft draft, String text) {
        if (!isSided(draft)) {
            return draft.traits().clock().isPresent() ? draft.on(Optional.empty()) : draft;
        }
        boolean turns = draft.matter() == FindingKind.TIE_IN || draft.matter() == FindingKind.BEND;
        Optional<ClockPosition> clock = draft.traits().clock();
        boolean side = clock.filter(c -> !c.all() && !c.both() && c.from() == c.to() && c.from() % 6 == 3)
                .isPresent();
        boolean hours = text.toLowerCase(Locale.ROOT).contains("clock");
        if (draft.matter() == FindingKind.MAIN_CONNECTION) {
            // Which way the main flows is no side of the pipe that comes into it.
            return draft.on(SideWords.ofEntry(text));
        }
        if (side && !hours && !SAME.matcher(text).find()) {
            Optional<ClockPosition> said =
                    SideWords.in(text).or(() -> turns ? ofTurnOrEntry(draft, text) : Optional.empty());
            return said.equals(clock) ? draft : draft.on(said);
        }
        if (clock.isEmpty()) {
            Optional<ClockPosition> found = turns
                    ? ofTurnOrEntry(draft, text)
                    : SideWords.ofThePipe(text).or(() -> SideWords.ofHour(text));
            return found.isEmpty() ? draft : draft.on(found);
        }
        return draft;
    }

    private static Optional<ClockPosition> ofTurnOrEntry(Draft draft, String text) {
        return draft.matter() == FindingKind.TIE_IN ? SideWords.ofTieIn(text) : SideWords.ofTurn(text);
    }

    /** "All down that side": the side that was spoken of last, or where the last such thing was. */
    static Draft thatSide(Draft draft, String text, String lately, List<Spoken> drafts) {
        boolean open = isSided(draft)
                && draft.traits().clock().isEmpty()
                && THAT_SIDE.matcher(text).find();
        return open
                ? SideWords.last(lately)
                        .or(() -> ofTheLast(draft, drafts))
                        .map(c -> draft.on(Optional.of(c)))
                        .orElse(draft)
                : draft;
    }

    private static Optional<ClockPosition> ofTheLast(Draft draft, List<Spoken> drafts) {
        return drafts.reversed().stream()
                .map(Spoken::draft)
                .filter(d -> d.matter().equals(draft.matter()))
                .findFirst()
                .flatMap(d -> d.traits().clock());
    }

    /**
     * What takes the place of a guess that was taken back a moment ago is where that was.
     *
     * @param anew whether a place is said before it: then it is another thing, unless the guess is taken back here
     */
    static Draft insteadOf(Draft draft, String text, boolean anew, double seconds, List<Spoken> drafts) {
        boolean open = isSided(draft)
                && draft.traits().clock().isEmpty()
                && draft.certainty() != Certainty.RULED_OUT
                && (TakenBack.isNo(text) || !anew && NAMED.matcher(text).lookingAt())
                && !drafts.isEmpty();
        if (!open) {
            return draft;
        }
        Spoken last = drafts.getLast();
        boolean guess = last.draft().certainty() == Certainty.RULED_OUT && seconds - last.seconds() < AT_ONCE_S;
        return guess
                ? last.draft()
                        .traits()
                        .clock()
                        .map(c -> draft.on(Optional.of(c)))
                        .orElse(draft)
                : draft;
    }

    /** A guess that is taken back, or said again of the same thing, is where it was. */
    static Draft asBefore(Draft draft, double seconds, List<Spoken> drafts) {
        boolean open = isSided(draft) && draft.traits().clock().isEmpty() && draft.certainty() == Certainty.RULED_OUT;
        if (!open) {
            return draft;
        }
        return drafts.reversed().stream()
                .filter(d -> seconds - d.seconds() < AGAIN_S && d.draft().matter() == draft.matter())
                .findFirst()
                .flatMap(d -> d.draft().traits().clock())
                .map(c -> draft.on(Optional.of(c)))
                .orElse(draft);
    }

    /** A thing that is seen again at its place, and is none after all, is on the side that was said the first time. */
    static Draft asThere(Draft placed, List<Spoken> drafts) {
        boolean open = placed.certainty() == Certainty.RULED_OUT
                && isSided(placed)
                && placed.place().isPresent()
                && placed.traits().clock().isEmpty();
        return !open
                ? placed
                : drafts.stream()
                        .map(Spoken::draft)
                        .filter(d -> d.matter() == placed.matter() && Spoken.isSamePlace(d, placed))
                        .flatMap(d -> d.traits().clock().stream())
                        .findFirst()
                        .map(c -> placed.on(Optional.of(c)))
                        .orElse(placed);
    }

    /** "Left side of the joint", on its own: of what was found just before it. */
    static void add(String text, double seconds, List<Spoken> drafts) {
        if (drafts.isEmpty()) {
            return;
        }
        Spoken last = drafts.getLast();
        boolean open =
                isSided(last.draft()) && last.draft().traits().clock().isEmpty() && seconds - last.seconds() < SOON_S;
        if (open) {
            SideWords.in(text)
                    .ifPresent(c ->
                            drafts.set(drafts.size() - 1, last.with(last.draft().on(Optional.of(c)))));
        }
    }

    /** "All along the bottom, and now there's a crack": where what was found just before it is. */
    static void along(String text, double seconds, List<Spoken> drafts) {
        Matcher along = ALONG.matcher(text.toLowerCase(Locale.ROOT));
        if (along.lookingAt()) {
            add(along.group(), seconds, drafts);
        }
    }

    static boolean isSided(Draft draft) {
        return draft.matter() instanceof FindingKind kind && kind.family() != Family.TOLD && !HAVE_NONE.contains(kind);
    }
}
