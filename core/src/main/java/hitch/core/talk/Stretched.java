package hitch.core.talk;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.note.Draft;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What goes on along the pipe: opened where it begins, closed where the camera is out of it, told once more as a length. */
final class Stretched {
    private static final Set<FindingKind> LONG = EnumSet.of(
            FindingKind.STANDING_WATER,
            FindingKind.UNDER_WATER,
            FindingKind.DEFORMATION,
            FindingKind.SCALE,
            FindingKind.FLAT_GRADE,
            FindingKind.REVERSE_GRADE,
            FindingKind.GREASE,
            FindingKind.SLUDGE,
            FindingKind.CRACK);
    private static final Set<FindingKind> WATER = EnumSet.of(FindingKind.STANDING_WATER, FindingKind.UNDER_WATER);

    private static final Pattern OUT = Pattern.compile(
            "^[\\s,.]*(?:and |okay |we'?re |i'?m )*out\\s*[.,!]?\\s*$|^[\\s,.]*(?:it'?s )?(?:all )?dry(?: again| now| here)?\\s*[.,!]?\\s*$|\\b(?:(?<!(?:grease|dirt|stuff|water|roots|sewage|paper|soap|suds) (?:coming|comes) )out of (?:it|that|(?:the )?(?:water|belly|sag|dip|low spot))|(?<!(?:grease|dirt|stuff|water|roots|sewage|paper|soap|suds) )(?<!(?:gotta|to|should|must|needs|ought|can|could|will|would) )com(?:e|es|ing) (?:back )?(?:out|up there)|com(?:es|ing) back up|(?:camera|lens|head) (?:clears|is clear of|is out of) (?:the )?water|pops? (?:back )?out|we'?re out|i'?m out"
                    + "|(?:it|water) (?:goes away|dries up|drains (?:off|out|away|at)|runs out)|opens back up|clears up|(?<!(?:pipe|line|liner|clay|iron|plastic|concrete|run|survey|sewer) )ends? (?:there|here|at)|end of (?:it|that(?! (?!now|okay|here|there|at|and|so|right)\\w)|(?:the )?(?:belly|water|sag))|quits|back to (?:round|normal)"
                    + "|(?:return|returns) to normal|more nearly round|it'?s round again|levels? off)\\b");
    /** "It runs from there to", "it just keeps going until". */
    private static final String RUNS_TO =
            "(?:it|that|this|they|she|he|which)(?:'?s)? (?:just |pretty much |kind of )*(?:runs?|goes|go|going|running|continues?|extends?"
                    + "|carries|stretches|keeps? (?:on )?going|lasts?|stays (?:that way|like that)|(?:is )?like (?:that|this)|(?:is )?the same)"
                    + "(?: on| along| down| out| from (?:there|here|that))*,? (?:all the way )?(?:to|until|till|through|thru|up to)\\b";

    private static final Pattern GOES_ON = Pattern.compile(
            "^[\\s,.]*(?:and |so |then |looks like )*(?:" + RUNS_TO
                    + "|(?:goes|runs|lasts|continues) (?:on |down |up |out |along )?(?:to|till|until|through)\\b(?!.*\\binch))");

    /** "It's got an inch in it, and it lasts to twenty": what was found before, told of once more, and nothing behind it. */
    private static final Pattern AND_GOES_ON = Pattern.compile(
            "^[\\s,.]*(?:and |so |then )*(?:it|that|this|there|they)(?:'?s| is| has)?\\b(?!.*\\b(?:feet|foot|ft)\\b.*\\band (?:it|that)\\b).*"
                    + "\\band " + RUNS_TO + " [\\w\\s.-]+$");

    private static final String NO_RUN =
            "(?!(?:line|pipe|run|camera|cable|clay|iron|plastic|pvc|concrete|liner|survey|video|reel|sewer|section|tile|job|counter|house)\\b)";

    private static final String RUNS_OUT =
            "(?:runs? out|ends?|quits?|peters? out|tapers? (?:off|out)|fades?(?: out| away)?|thins? out|finish(?:es)?|shallows? (?:out|up)|lets? up|gives? out)";

    /** "The silt ends at eleven", "it's gone by then", "silt finishes": of what was found, and of no pipe and no run. */
    private static final Pattern ENDS = Pattern.compile("(?:\\b(?:(?:the|that|this|those|it|they)(?: " + NO_RUN
            + "[a-z]+){0,2}(?:'s|'re| is| are)? (?:" + RUNS_OUT + "|stops?|done|gone)|ending)" + "|^[\\s,.]*(?:"
            + NO_RUN
            + "[a-z]+ ){1,2}(?:" + RUNS_OUT
            + "|stops?))(?=\\s*(?:right |just )?(?:(?:there|here|at|by|around|about)\\b|[.,]|$))");

    /** What may be told at the end of what goes on without being found there. */
    private static final Set<FindingKind> WHERE_IT_ENDS = EnumSet.of(FindingKind.JOINT, FindingKind.COUPLING);

    private static final Set<FindingKind> LONG_TOO =
            EnumSet.of(FindingKind.DEBRIS, FindingKind.ROOTS, FindingKind.SOIL, FindingKind.WIPES, FindingKind.PAPER);

    private static final Pattern STILL =
            Pattern.compile("[\\s,.]*(?:and |yep |now )?still (?:in|under|there|water|sitting)\\b");

    /** How deep it is at its deepest is told of the water that goes on. */
    private static final Pattern DEEPEST = Pattern.compile(
            "\\b(?:maximum|greatest|deepest|average) (?:depth|water|point|part)\\b|\\bat (?:its|the) deepest\\b");

    /** No more than a word and a sign, characters. */
    private static final int FEW = 6;

    private static final double SOON_S = 45;
    private static final double OPEN_S = 120;
    private static final int BACK = 10;
    private static final long NEAR_MM = 100;

    private Stretched() {}

    /**
     * Closes at {@code here} what was opened before it, where {@code text} tells that the camera is out of it.
     *
     * @param said what {@code text} finds itself
     * @return whether something was closed
     */
    static boolean close(
            String text, Optional<Draft.Place> here, List<Draft> said, double seconds, List<Spoken> drafts) {
        if (here.isEmpty() || !OUT.matcher(text.toLowerCase(Locale.ROOT)).find()) {
            return false;
        }
        if (isClosedAt(here.get().to(), drafts)) {
            return false;
        }
        for (int i = drafts.size() - 1; i >= 0 && i >= drafts.size() - BACK; i--) {
            Spoken open = drafts.get(i);
            if (isOther(open.draft(), said, drafts.subList(i + 1, drafts.size()))) {
                continue;
            }
            boolean closes = open.draft().matter() instanceof FindingKind kind
                    && LONG.contains(kind)
                    && kind != FindingKind.CRACK
                    && open.draft().certainty() != Certainty.RULED_OUT
                    && seconds - open.seconds() < OPEN_S
                    && open.draft().place().filter(Draft.Place::isPoint).isPresent();
            Distance end = here.get().to();
            if (closes && end.compareTo(open.draft().place().orElseThrow().from()) > 0) {
                FindingKind kind = open.draft().kind();
                for (int j = i; j >= 0 && j >= i - BACK; j--) {
                    Spoken same = drafts.get(j);
                    boolean too = (j == i
                                    || WATER.contains(kind)
                                            && WATER.contains(same.draft().kind()))
                            && same.draft().kind() != FindingKind.UNDER_WATER
                            && same.draft().place().filter(Draft.Place::isPoint).isPresent()
                            && seconds - same.seconds() < OPEN_S
                            && end.compareTo(same.draft().place().orElseThrow().from()) > 0;
                    if (too) {
                        Draft.Place whole = Draft.Place.between(
                                same.draft().place().orElseThrow().from(), end);
                        drafts.set(j, same.with(same.draft().at(Optional.of(whole))));
                    }
                }
                return true;
            }
        }
        return false;
    }

    /** Water goes on past other things; whatever else goes on was the last that was found. */
    private static boolean isOther(Draft open, List<Draft> said, List<Spoken> since) {
        return !isWater(open)
                && Stream.concat(since.stream().map(Spoken::draft), said.stream())
                        .anyMatch(d -> Stating.isFound(d) && d.matter() != open.matter() && !isWater(d));
    }

    /**
     * "The silt ends at eleven": what was found last of its kind ends at {@code here}.
     *
     * @return whether it does, so that nothing new is told
     */
    static boolean ends(
            String text, Optional<Draft.Place> here, List<Draft> said, double seconds, List<Spoken> drafts) {
        if (here.isEmpty() || !ENDS.matcher(text.toLowerCase(Locale.ROOT)).find()) {
            return false;
        }
        Distance end = here.get().to();
        for (int i = drafts.size() - 1; i >= 0 && i >= drafts.size() - BACK; i--) {
            Spoken open = drafts.get(i);
            boolean named = said.isEmpty() ? i == drafts.size() - 1 : isSame(open.draft(), said);
            if (named && mayEnd(open, end, seconds, OPEN_S)) {
                int first = whereItBegan(i, end, seconds, drafts);
                drafts.set(first, upTo(end, drafts.get(first)));
                return true;
            }
        }
        return false;
    }

    /** "Eighteen, egg shaped. Twenty-four, still egg shaped": it began at the first. */
    private static int whereItBegan(int last, Distance end, double seconds, List<Spoken> drafts) {
        int first = last;
        for (int i = last - 1;
                i >= 0
                        && i >= last - BACK
                        && drafts.get(first)
                                .draft()
                                .wording()
                                .toLowerCase(Locale.ROOT)
                                .contains("still");
                i--) {
            Spoken before = drafts.get(i);
            if (before.draft().matter() == drafts.get(last).draft().matter() && mayEnd(before, end, seconds, OPEN_S)) {
                first = i;
            }
        }
        return first;
    }

    /** Whether it is of what may go on along the pipe, and was seen. */
    static boolean isLong(Draft draft) {
        return draft.matter() instanceof FindingKind kind
                && (LONG.contains(kind) || LONG_TOO.contains(kind))
                && draft.certainty() != Certainty.RULED_OUT;
    }

    /** Whether it is of what goes on, was found not longer ago than {@code within} seconds, and begins before {@code end}. */
    private static boolean mayEnd(Spoken open, Distance end, double seconds, double within) {
        return isLong(open.draft())
                && seconds - open.seconds() < within
                && open.draft()
                        .place()
                        .filter(p -> p.isPoint() && p.from().compareTo(end) < 0)
                        .isPresent();
    }

    private static Spoken upTo(Distance end, Spoken open) {
        Draft.Place whole =
                Draft.Place.between(open.draft().place().orElseThrow().from(), end);
        return open.with(open.draft().at(Optional.of(whole)));
    }

    private static boolean isSame(Draft open, List<Draft> said) {
        return said.stream().allMatch(d -> d.matter() == open.matter() || isWater(d) && isWater(open));
    }

    /**
     * "It runs from there to thirty": the last thing that was found goes on to {@code here}.
     *
     * @return whether it does, so that nothing new is told
     */
    static boolean goesOn(
            String text, Optional<Draft.Place> here, List<Draft> said, double seconds, List<Spoken> drafts) {
        if (here.isEmpty() || drafts.isEmpty() || !tellsThatItGoesOn(text.toLowerCase(Locale.ROOT))) {
            return false;
        }
        Spoken last = drafts.getLast();
        Distance end = here.get().to();
        boolean goes = mayEnd(last, end, seconds, SOON_S)
                && said.stream().allMatch(d -> d.kind() == last.draft().kind() || WHERE_IT_ENDS.contains(d.kind()));
        if (goes) {
            drafts.set(drafts.size() - 1, upTo(end, last));
        }
        return goes;
    }

    private static boolean tellsThatItGoesOn(String text) {
        return GOES_ON.matcher(text).find() || AND_GOES_ON.matcher(text).find();
    }

    /** "From 44 to 50 it's under water", and later "it comes back up at 50": that stretch has its end. */
    private static boolean isClosedAt(Distance end, List<Spoken> drafts) {
        return drafts.stream()
                .skip(Math.max(0, drafts.size() - BACK))
                .filter(d -> isWater(d.draft()))
                .flatMap(d -> d.draft().place().stream())
                .anyMatch(p -> !p.isPoint() && Math.abs(p.to().minus(end).mm()) < NEAR_MM);
    }

    /** Whether one breath both finds water and tells that the camera is out of it: "low spot here, and out of it at nine". */
    static boolean isWhole(String text, List<Draft> said, double seconds, List<Spoken> drafts) {
        Matcher out = OUT.matcher(text.toLowerCase(Locale.ROOT));
        return out.find()
                && !isOpen(seconds, drafts)
                && said.stream().anyMatch(d -> isWater(d) && d.start() < out.start());
    }

    static boolean isWater(Draft draft) {
        return WATER.contains(draft.kind());
    }

    /** "We're coming out of it." "Thirty-three.": where that is may be said behind it. */
    static boolean endsOutOfIt(String text) {
        Matcher out = OUT.matcher(text.toLowerCase(Locale.ROOT));
        int end = -1;
        while (out.find()) {
            end = out.end();
        }
        return end >= 0 && text.substring(end).strip().length() <= FEW;
    }

    /** "Still in it": says nothing new of water that is open. */
    static boolean isStillIn(String text, double seconds, List<Spoken> drafts) {
        String low = text.toLowerCase(Locale.ROOT);
        if (!STILL.matcher(low).lookingAt() && !DEEPEST.matcher(low).find()) {
            return false;
        }
        return isOpen(seconds, drafts);
    }

    /** Whether water was found a while ago whose end was not told. */
    private static boolean isOpen(double seconds, List<Spoken> drafts) {
        return drafts.stream()
                .anyMatch(d -> WATER.contains(d.draft().kind())
                        && d.draft().certainty() != Certainty.RULED_OUT
                        && seconds - d.seconds() < OPEN_S
                        && d.draft().place().filter(Draft.Place::isPoint).isPresent());
    }
}
