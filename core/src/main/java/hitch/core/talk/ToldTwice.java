package hitch.core.talk;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import hitch.core.note.Act;
import hitch.core.note.Draft;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What is said twice and is found once. */
final class ToldTwice {
    /** What is said twice so soon is said once, seconds. */
    private static final double TWICE_S = 11;
    /** What is found so soon before is what "that" points at, seconds. */
    private static final double SOON_S = 12;

    private static final double LATELY_S = 20;

    /** One stands at the main for so long, seconds. */
    private static final double THE_MAIN_S = 45;

    private static final Pattern OF_THE_MAIN = Pattern.compile("\\b(?:saddle|tap|wye|connection)\\b");

    /** Whose a part of the line is. */
    private static final Pattern WHOSE = Pattern.compile(
            "\\b(?:yours|theirs|mine|on (?:you|them|him|her|us|the owner)|owns|owner'?s|responsib\\w+|takes? (?:it|over|care)|(?:town|city|district|county)'?s|right of way)\\b");

    /** Who may see it. */
    private static final Pattern SHARED = Pattern.compile(
            "\\b(?:internal|in-?house|(?:don'?t|do not|not to be|never) (?:send|share|show|post|give|sent|shared|shown)|just for us|office only)\\b");

    private static final Pattern ANOTHER = Pattern.compile("\\b(?i:second|third|next|other|another)\\b");

    /** Two of these are two, however soon they follow. */
    private static final Set<FindingKind> STAND_APART =
            EnumSet.of(FindingKind.ADVICE, FindingKind.MATERIAL_CHANGE, FindingKind.SIZE_CHANGE);

    /** One of these is spoken of for a while: the counter that was set, the mark that is being made. */
    private static final Set<Topic> ONCE = Set.of(Act.ZERO, FindingKind.LOCATE);

    private static final Pattern TOLD_AGAIN = Pattern.compile(
            "\\b(?:so|that'?s|that is|call it|about)\\b.*\\b(?:foot|feet|ft)\\b.*\\b(?:belly|sag|water|it|that|long)\\b"
                    + "|\\bthat'?s (?:a|the|your) .{0,20}(?:belly|sag|low spot|dip)\\b");

    /** A stretch is summed up so soon behind its end, seconds. */
    private static final double STRETCH_S = 45;
    /** And nothing of it is found so many drafts back. */
    private static final int BACK = 10;

    private ToldTwice() {}

    static boolean isJustFound(FindingKind kind, double seconds, List<Spoken> drafts) {
        return !drafts.isEmpty()
                && drafts.getLast().draft().matter() == kind
                && seconds - drafts.getLast().seconds() <= SOON_S;
    }

    /** "That's our tap into the main, it's the new saddle": the connection that was found is spoken of. */
    static boolean isOfTheMain(Draft draft, String text, double seconds, List<Spoken> drafts) {
        boolean again = draft.matter() == FindingKind.MAIN_CONNECTION;
        boolean part = draft.matter() == FindingKind.TIE_IN
                && OF_THE_MAIN.matcher(text.toLowerCase(Locale.ROOT)).find();
        Optional<Spoken> main = !again && !part
                ? Optional.empty()
                : drafts.stream()
                        .filter(d -> d.draft().matter() == FindingKind.MAIN_CONNECTION
                                && d.draft().certainty() == draft.certainty()
                                && seconds - d.seconds() <= (again ? THE_MAIN_S : SOON_S)
                                && seconds > d.seconds()
                                && Spoken.isSamePlace(d.draft(), draft))
                        .findFirst();
        // Where the saddle is on the main is where the line comes into it.
        main.filter(m -> m.draft().traits().clock().isEmpty()
                        && draft.traits().clock().isPresent())
                .ifPresent(m -> drafts.set(
                        drafts.indexOf(m), m.with(m.draft().on(draft.traits().clock()))));
        return main.isPresent();
    }

    /** "The lens is under from 25 to 27. So there's a sag in there": one water, by two names. */
    static boolean isSameWater(Draft draft, double seconds, List<Spoken> drafts) {
        return isItsWhole(draft, seconds, drafts)
                || draft.matter() == FindingKind.STANDING_WATER
                        && draft.certainty() != Certainty.RULED_OUT
                        && drafts.reversed().stream()
                                .takeWhile(d -> seconds - d.seconds() <= LATELY_S)
                                .map(Spoken::draft)
                                .filter(d -> Stretched.isWater(d) && d.certainty() != Certainty.RULED_OUT)
                                .flatMap(d -> d.place().stream())
                                .anyMatch(p -> !p.isPoint()
                                        && draft.place().filter(o -> isIn(o, p)).isPresent());
    }

    /** "It goes under here, at 25. From 25 to 27, so there's a sag": the water that began there, and how far it goes. */
    private static boolean isItsWhole(Draft draft, double seconds, List<Spoken> drafts) {
        boolean whole = Stretched.isWater(draft)
                && draft.certainty() != Certainty.RULED_OUT
                && draft.place().filter(p -> !p.isPoint()).isPresent();
        for (int i = drafts.size() - 1; whole && i >= 0; i--) {
            Spoken before = drafts.get(i);
            if (seconds - before.seconds() > LATELY_S) {
                return false;
            }
            boolean begins = before.draft().matter() == draft.matter()
                    && before.draft().certainty() != Certainty.RULED_OUT
                    && before.draft()
                            .place()
                            .filter(p -> p.isPoint()
                                    && p.from().equals(draft.place().get().from()))
                            .isPresent();
            if (begins) {
                drafts.set(i, before.with(before.draft().at(draft.place())));
                return true;
            }
        }
        return false;
    }

    private static boolean isIn(Draft.Place one, Draft.Place whole) {
        return whole.from().compareTo(one.from()) <= 0 && one.to().compareTo(whole.to()) <= 0;
    }

    /** Whether the same was told a moment ago, so that what is only guessed says nothing new. */
    static boolean isLately(Draft guess, double seconds, List<Spoken> drafts) {
        return guess.matter() != FindingKind.ADVICE
                && drafts.reversed().stream()
                        .takeWhile(d -> seconds - d.seconds() <= LATELY_S)
                        .anyMatch(d -> d.draft().matter() == guess.matter() && Spoken.isSamePlace(d.draft(), guess));
    }

    /** "The town has it from the curb, so that's on you", "internal only, don't send it": one thing, told from both sides. */
    static boolean isSameRemark(Draft draft, double seconds, List<Spoken> drafts) {
        return Stream.of(WHOSE, SHARED)
                .filter(of -> isRemark(draft, of))
                .anyMatch(of -> drafts.reversed().stream()
                        .takeWhile(d -> seconds - d.seconds() <= LATELY_S)
                        .anyMatch(d -> isRemark(d.draft(), of)));
    }

    private static boolean isRemark(Draft draft, Pattern of) {
        return draft.matter() == FindingKind.REMARK
                && of.matcher(draft.wording().toLowerCase(Locale.ROOT)).find();
    }

    /** "So that's a five foot belly": of the stretch that was just told. */
    static Optional<Draft> asALength(Draft draft, String text, double seconds, List<Spoken> drafts) {
        if (!TOLD_AGAIN.matcher(text.toLowerCase(Locale.ROOT)).find()) {
            return Optional.empty();
        }
        for (int i = drafts.size() - 1; i >= 0 && i >= drafts.size() - BACK; i--) {
            Spoken told = drafts.get(i);
            boolean same = (told.draft().matter() == draft.matter()
                            || Stretched.isWater(told.draft()) && Stretched.isWater(draft))
                    && seconds - told.seconds() < STRETCH_S
                    && told.draft().place().filter(p -> !p.isPoint()).isPresent();
            if (same) {
                return Optional.of(draft.at(told.draft().place()));
            }
        }
        return Optional.empty();
    }

    /** Whether a stretch that is told as a length was told as a stretch. */
    static boolean isKnown(Draft again, List<Spoken> drafts) {
        return drafts.stream()
                .map(Spoken::draft)
                .anyMatch(d -> d.matter() == again.matter() && d.place().equals(again.place()));
    }

    /** The same thing at the same place a moment ago: what is new in it goes to the first. */
    static boolean isOf(Spoken spoken, List<Spoken> drafts) {
        for (int i = drafts.size() - 1; i >= 0; i--) {
            Spoken before = drafts.get(i);
            if (spoken.seconds() - before.seconds() > TWICE_S) {
                return false;
            }
            boolean same = before.draft().matter() == spoken.draft().matter()
                    && !isOtherFact(before.draft(), spoken.draft())
                    && !isOnOtherSide(before.draft(), spoken.draft())
                    && isRuledOut(before) == isRuledOut(spoken)
                    && (Stating.isFound(spoken.draft())
                            || spoken.seconds() == before.seconds()
                            || ONCE.contains(spoken.draft().matter()))
                    && !(STAND_APART.contains(spoken.draft().matter())
                            && !isChangeThere(before.draft(), spoken.draft()))
                    && (Spoken.isSamePlace(before.draft(), spoken.draft())
                            || spoken.draft().matter() == FindingKind.LOCATE
                                    && spoken.draft().place().isEmpty()
                                    && !ANOTHER.matcher(spoken.draft().wording())
                                            .find());
            if (same) {
                Spoken filled = before.with(before.draft()
                        .filled(
                                spoken.draft().place(),
                                spoken.draft().length(),
                                spoken.draft().traits()));
                // A guess that is named then is none.
                drafts.set(i, spoken.likeness() ? filled : filled.known());
                return true;
            }
        }
        return false;
    }

    /** "Roots, looks like roots coming in the top" is one thing; what is there and what is not there are two. */
    private static boolean isRuledOut(Spoken spoken) {
        return spoken.draft().certainty() == Certainty.RULED_OUT;
    }

    /** "It's clay, and the sleeve at the changeover is torn": one change. */
    private static boolean isChangeThere(Draft one, Draft other) {
        return one.matter() != FindingKind.ADVICE
                && one.place().isPresent()
                && one.place().equals(other.place());
    }

    /** "Roots at nine o'clock, and another bunch over at three": two, at one place. */
    private static boolean isOnOtherSide(Draft one, Draft other) {
        return one.traits().clock().isPresent()
                && other.traits().clock().isPresent()
                && !one.traits().clock().equals(other.traits().clock())
                && ANOTHER.matcher(other.wording()).find();
    }

    /** "Built in 1958, and empty since March": two remarks of one sentence that tell two things. */
    private static boolean isOtherFact(Draft one, Draft other) {
        return one.matter() == FindingKind.REMARK
                && !one.traits().details().equals(other.traits().details())
                && !one.traits().details().isNone()
                && !other.traits().details().isNone();
    }
}
