package hitch.core.judge.rule;

import hitch.core.decide.When;
import hitch.core.finding.LocatedFinding;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.remedy.Proposal;
import hitch.core.judge.remedy.Reason;
import hitch.core.judge.work.Work;
import hitch.core.survey.OpeningLeft;
import hitch.core.survey.told.Fixtures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What cannot be judged by looking at it is put to the proof before anything is decided. */
final class ProofRules {
    private ProofRules() {}

    /** What was seen badly, heard or only told asks for another look, and is not priced. */
    static List<Proposal> unsure(Matter m, Case c) {
        List<LocatedFinding> all = m.findings();
        return List.of(
                Proposal.of(
                                new Work.Prove(Work.Prove.By.LOOK),
                                "Have another look " + Where.words(m, c)
                                        + " before anything is decided or priced for it.",
                                Reason.found(
                                        "It was not seen well enough to be sure ("
                                                + m.certainty().word() + "): a repair is priced on what was seen.",
                                        all))
                        .places(m.extent().stream().toList())
                        .build(),
                Repairs.watch(m, c, "Leave it at that until the next look.", Repairs.found(m, c)));
    }

    static List<Proposal> makeshift(Matter m, Case c) {
        return List.of(
                Proposal.of(
                                new Work.Prove(Work.Prove.By.FLUSH),
                                "Run water through it " + Where.words(m, c)
                                        + " and watch that it holds and lets all of it pass.",
                                Repairs.found(m, c),
                                Reason.practice(
                                        "What was put together by hand can last or leak; that is seen with water in it.",
                                        "makeshift work"))
                        .places(m.extent().stream().toList())
                        .unless(List.of("Soil or roots already come in there: then it is mended."))
                        .build(),
                Repairs.spot(m, c, Repairs.found(m, c)),
                Repairs.watch(m, c, "Leave it, and look again at each cleaning.", Repairs.found(m, c)));
    }

    static List<Proposal> unknownUse(Matter m, Case c) {
        return List.of(
                Proposal.of(
                                new Work.Prove(Work.Prove.By.DYE),
                                "Run dyed water from each fixture and from the gutters, and see what comes in "
                                        + Where.words(m, c) + ".",
                                Repairs.found(m, c),
                                Reason.practice(
                                        "It can be a fixture, a second line or storm water, which may not be joined here.",
                                        "connections"))
                        .places(m.extent().stream().toList())
                        .build(),
                Repairs.watch(m, c, "Leave it, and note that nobody knows what it serves.", Repairs.found(m, c)));
    }

    /** Water that was run and never came by may go out another way. */
    static List<Proposal> arrival(Matter m, Case c) {
        List<String> rooms =
                c.neverArrived().stream().map(Fixtures.Fixture::room).toList();
        return List.of(Proposal.of(
                        new Work.Prove(Work.Prove.By.FLUSH),
                        "Run the water of " + String.join(", ", rooms)
                                + " again, enough of it and long enough, and find out where it goes.",
                        Reason.found("It was run, and it never came by here.", m.findings()),
                        Reason.practice(
                                "A second line, or a drain that is joined to none, shows first by water that never arrives.",
                                "second line"))
                .soonest(Optional.of(When.WITHIN_MONTHS))
                .unless(List.of("Too little water ran, or for too short a time."))
                .build());
    }

    /** What the camera did not get to. */
    static List<Proposal> hidden(Matter m, Case c) {
        List<String> first = new ArrayList<>();
        c.line().openingsLeft().stream()
                .filter(o -> m.ids().contains(o.stop()))
                .map(OpeningLeft::words)
                .forEach(first::add);
        String where = m.extent()
                .map(e -> e.isPoint() ? "past " + c.place(m.branch(), e) : c.place(m.branch(), e))
                .orElse("past where the camera stopped");
        return List.of(Proposal.of(
                        new Work.Prove(Work.Prove.By.LOOK_BEYOND),
                        "Have the pipe looked at " + where
                                + ", from the other end or with other gear, and treat it as unknown until then.",
                        m.findings().isEmpty()
                                ? Reason.practice(capital(m.because()) + ".", "unseen")
                                : Reason.found(
                                        m.findings().getFirst().finding().phrase() + ": " + m.because() + ".",
                                        m.findings()))
                .places(m.extent().stream().toList())
                .first(first)
                .soonest(Optional.of(When.WITHIN_MONTHS))
                .build());
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** Nobody lives there, and no water was put through. */
    static List<Proposal> use(Matter m, Case c) {
        return List.of(Proposal.of(
                        new Work.Prove(Work.Prove.By.FLUSH),
                        "Run every fixture, enough and long enough, and watch the water arrive, before anybody relies on the line.",
                        Reason.practice(
                                "Nobody uses the building, and no water was seen to come through: what a pipe looks like dry does not prove that it works.",
                                "idle building"))
                .soonest(Optional.of(When.WITHIN_MONTHS))
                .build());
    }
}
