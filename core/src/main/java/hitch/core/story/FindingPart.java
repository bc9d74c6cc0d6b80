package hitch.core.story;

import hitch.core.detail.Detail;
import hitch.core.detail.Step;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.finding.Lasting;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.judge.visit.Change;
import hitch.core.judge.visit.Compared;
import hitch.core.measure.Inches;
import hitch.core.story.words.Grammar;
import hitch.core.story.words.Named;
import hitch.core.story.words.Teller;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** One finding, as it is shown and spoken of. */
final class FindingPart {
    private static final double UNSURE_PLACE = 0.5;

    private final Talk talk;
    private final Teller teller;
    private final WhereAndWhat where;

    FindingPart(Talk talk) {
        this.talk = talk;
        this.teller = talk.teller();
        this.where = new WhereAndWhat(talk);
    }

    /**
     * @param way whether it is told which way it lies, since nothing before has told that
     */
    Telling of(LocatedFinding found, boolean way) {
        return new Telling(shot(found), talk.isRecord() ? plain(found) : said(found, way), worth(found));
    }

    private Shot shot(LocatedFinding found) {
        Finding f = found.finding();
        boolean inPipe = talk.may().footage().isInPipe(f.frame().clip());
        return FindingFootage.of(
                talk,
                found,
                found.weight().knots(),
                inPipe && f.kind().family() != Family.LIMIT ? f.traits().clock() : Optional.empty(),
                inPipe && found.weight().compareTo(Weight.MEND) >= 0);
    }

    /** Place and wording, as they stand in the report. */
    private List<Said> plain(LocatedFinding found) {
        return List.of(Talk.needed(talk.place(found)), Talk.needed(Wording.what(found)));
    }

    static int worth(LocatedFinding found) {
        return switch (found.weight()) {
            case STOP -> 98;
            case MEND -> 90;
            case TEND -> 70;
            case WATCH -> found.finding().kind().family() == Family.LIMIT ? 50 : 35;
            case NOTED ->
                switch (found.finding().kind()) {
                    case MATERIAL_CHANGE, SIZE_CHANGE, MAIN_CONNECTION -> 30;
                    case LIMIT, PART_SEEN -> 40;
                    case BOUNDARY, REPAIR, END -> 25;
                    case TIE_IN, BACKWATER_VALVE -> 18;
                    case REMARK -> 16;
                    default -> 8;
                };
        };
    }

    private List<Said> said(LocatedFinding found, boolean way) {
        List<Said> said = new ArrayList<>();
        FindingKind kind = found.finding().kind();
        Map<String, String> facts = KeptPhrase.slots(found, talk.may());
        Optional<String> kept = teller.fitting(KeptPhrase.heading(found), facts.keySet());
        if (kept.isEmpty() || !KeptPhrase.tellsPlace(kept.get())) {
            said.add(Talk.needed(where.of(found, way)));
        }
        kept.ifPresent(k -> said.add(Talk.needed(Teller.filled(k, facts))));
        if (kind.family() == Family.CONDITION || kind.family() == Family.WATER) {
            condition(found, said);
        } else if (kind == FindingKind.LIMIT && !found.finding().remark().isBlank()) {
            said.add(Talk.more(teller.say(
                    "found.limit.why", "why", Grammar.lower(found.finding().remark()))));
        } else if (kind == FindingKind.MATERIAL_CHANGE || kind == FindingKind.SIZE_CHANGE) {
            where.wider(found.finding()).ifPresent(s -> said.add(Talk.more(s)));
        } else {
            explain(key(kind), said);
        }
        return said;
    }

    /** What a word of the trade means, once, for somebody who lives above it. */
    private void explain(String key, List<Said> said) {
        if (talk.tone() == Recipient.Tone.OWNER) {
            teller.once("explain." + key).ifPresent(s -> said.add(Talk.more(s)));
        }
    }

    private void condition(LocatedFinding found, List<Said> said) {
        Finding f = found.finding();
        String key = key(f.kind());
        Named named = Named.of(f, teller.book());
        explain(key, said);
        f.traits().share().ifPresent(p -> said.add(Talk.more(amount("share", p + " %", named))));
        f.traits().size().ifPresent(size -> said.add(Talk.more(amount(key, Inches.show(size), named))));
        f.told().ifPresent(s -> said.add(Talk.extra(teller.say("measured", "error", s.giveOrTake()))));
        found.extent()
                .filter(e -> !e.isPoint())
                .ifPresent(e -> said.add(Talk.extra(teller.say("length", "length", talk.show(e.length())))));
        f.traits()
                .details()
                .get(Detail.STEP)
                .ifPresent(s -> said.add(Talk.more(teller.say(s == Step.UP ? "step.up" : "step.down"))));
        f.traits()
                .details()
                .get(Detail.HOLDS)
                .ifPresent(
                        h -> said.add(Talk.more(teller.say("holds", "they", named.they(), "s", named.s(), "held", h))));
        f.traits()
                .details()
                .get(Detail.CAUSE)
                .ifPresent(c -> said.add(Talk.extra(teller.say("cause", "cause", Grammar.lower(c)))));
        boolean stepTold = f.traits().details().has(Detail.STEP);
        if (f.certainty().isTaken() && !stepTold) {
            teller.once("meaning." + key).ifPresent(s -> said.add(Talk.more(s)));
        } else if (!f.certainty().isTaken() && found.weight() != Weight.NOTED) {
            teller.once("weight.unsure").ifPresent(s -> said.add(Talk.more(s)));
        }
        since(found).ifPresent(s -> said.add(Talk.needed(s)));
        lasting(found.lasting()).ifPresent(s -> said.add(Talk.needed(s)));
        if (found.confidence() < UNSURE_PLACE) {
            teller.once("estimate").ifPresent(s -> said.add(Talk.more(s)));
        }
        judgedHere(found, said);
    }

    /** What is asked of it, said at its place and nowhere else. */
    private void judgedHere(LocatedFinding found, List<Said> said) {
        if (found.lasting().isOver() || !found.finding().certainty().isTaken()) {
            return;
        }
        switch (found.weight()) {
            case NOTED -> {}
            case WATCH -> teller.once("weight.watch").ifPresent(s -> said.add(Talk.extra(s)));
            case TEND -> said.add(Talk.more(teller.say("weight.tend")));
            case MEND -> {
                said.add(Talk.needed(teller.say("weight.mend")));
                said.add(Talk.extra(teller.say("closer")));
            }
            case STOP -> said.add(Talk.needed(teller.say("weight.stop")));
        }
    }

    private Optional<String> since(LocatedFinding found) {
        return talk.judged()
                .flatMap(j -> j.beside().stream()
                        .filter(b -> !b.visit().id().equals(Compared.CLEANING))
                        .flatMap(b -> b.changes().stream())
                        .filter(c -> c.now()
                                .filter(n ->
                                        n.finding().id().equals(found.finding().id()))
                                .isPresent())
                        .findFirst()
                        .map(Change::kind)
                        .flatMap(k -> switch (k) {
                            case GREW -> Optional.of(teller.say("pair.earlier.grew"));
                            case SHRANK -> Optional.of(teller.say("pair.earlier.shrank"));
                            default -> Optional.<String>empty();
                        }));
    }

    private Optional<String> lasting(Lasting lasting) {
        return switch (lasting) {
            case LASTS -> Optional.empty();
            case STANDS -> teller.once("lasting.stands");
            case NOT_WAITED -> teller.once("lasting.not-waited");
            case DRAINED -> Optional.of(teller.say("lasting.drained"));
            case MOVED -> Optional.of(teller.say("lasting.moved"));
            case BROKEN_BY_THE_CAMERA -> Optional.of(teller.say("lasting.broken"));
            case OURS -> Optional.of(teller.say("lasting.ours"));
            case CLEANED_SINCE -> Optional.of(teller.say("lasting.cleaned"));
        };
    }

    private String amount(String key, String amount, Named named) {
        String heading = teller.has("amount." + key) ? "amount." + key : "amount";
        return teller.say(heading, "they", named.they(), "s", named.s(), "amount", amount);
    }

    static String key(FindingKind kind) {
        return kind.word().replace(' ', '-');
    }
}
