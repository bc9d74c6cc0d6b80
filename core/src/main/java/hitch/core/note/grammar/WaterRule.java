package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.detail.Flow;
import hitch.core.detail.State;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import java.util.Optional;
import java.util.regex.Pattern;

/** What water did once nothing ran any more: what stayed is a sag, what drained was only running. */
final class WaterRule implements MoreRules.Rule {
    private static final Pattern STOPPED = Pattern.compile(
            "\\b(?:shut off|shutoff|shut it off|turned off|turned it off|everything off|waters? off|water is off|nothing running|no water running|stopped the water"
                    + "|taps? closed|taps? (?:was |is )?off|tub off|faucet off|with it off)\\b");
    private static final Pattern RUNNING = Pattern.compile(
            "\\bwith (?:the |a )?(?:tap|water|faucet|hose|shower|sink)s? (?:on|running|still on)\\b|\\b(?:tap|faucet) (?:on|running|was on)\\b");
    private static final Pattern STILL = Pattern.compile(
            "\\bstill (?:(?:some|a|an|the|about|has|have|holds|is|there|little|bit|of|got|standing) )*(?:water|\\d[\\d. /]* ?(?:in|inch|inches|\")|standing|holding|wet|full|there)\\b"
                    + "|\\bstill (?:(?:some|a|an|the|about|has|have|holds|is|little|bit|of|got|standing) )*(?:\\w+ )?inch\\w*"
                    + "|\\bnever drain\\w*|\\bdid ?nt drain\\b|\\bwont drain\\b|\\bdoesnt drain\\b|\\bstayed\\b");
    private static final Pattern DRAINED = Pattern.compile(
            "\\b(?:drained(?: out| off| away| down)?|drains (?:away|off|out|down)|all gone|went away|quit|stopped running|dry now|dried up|bone dry|went down)\\b");
    private static final Pattern WAIT = Pattern.compile("\\bafter (?:shut ?off|we shut|i shut|everything)\\b");

    @Override
    public void read(Sense sense) {
        Optional<Sense.Match> stopped = sense.find(STOPPED);
        Optional<Sense.Match> still = sense.find(STILL);
        Optional<Sense.Match> drained = sense.find(DRAINED);
        boolean place = sense.has(Meaning.Place.class);
        boolean blocked = sense.any(FindingKind.PAPER, FindingKind.BLOCKAGE, FindingKind.WIPES);
        if (drained.isPresent() && blocked) {
            sense.drop(FindingKind.STANDING_WATER);
            sense.nearest(drained.get().first(), c -> c.asks(Detail.WATER))
                    .ifPresent(c -> sense.say(c, Detail.WATER, Flow.DRAINED, drained.get()));
            return;
        }
        if ((still.isPresent() && (sense.says(WAIT) || stopped.isPresent())
                        || drained.isPresent() && stopped.isPresent())
                && place
                && !sense.any(FindingKind.STANDING_WATER)) {
            sense.add(FindingKind.STANDING_WATER, still.or(() -> drained).get().first());
            sense.drop(FindingKind.FIXTURE_TEST);
        }
        Optional<Sense.Match> running = sense.find(RUNNING);
        for (Candidate water : sense.of(FindingKind.STANDING_WATER)) {
            running.filter(r -> stopped.isEmpty()).ifPresent(r -> sense.say(water, Detail.WATER, Flow.RUNNING, r));
            if (drained.isPresent()) {
                sense.say(water, Detail.STATE, State.DRAINED, drained.get());
                if (water.certainty() == Certainty.RULED_OUT) {
                    water.sure(Certainty.SEEN);
                }
            } else if (still.isPresent()) {
                sense.say(water, Detail.STATE, State.STILL_STANDING, still.get());
            }
            stopped.filter(s -> still.isPresent() || drained.isPresent())
                    .ifPresent(s -> sense.say(water, Detail.WATER, Flow.STOPPED, s));
        }
    }
}
