package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.Cleanable;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.run.Phase;
import java.util.Optional;
import java.util.regex.Pattern;

/** What was cleaned, from where to where and with what; and whether a thing is from before, after or beyond it. */
final class CleaningRule implements MoreRules.Rule {
    private static final Pattern DONE = Pattern.compile(
            "^(?:(?:okay|so|we|i|they|he|already|was|had|have|the|line|pipe|this|section|has|been|just|also) )*"
                    + "(cleaned|jetted|snaked|cabled|cut|rodded|hydro jetted|augered|descaled|flushed out)\\b(?! (?:out )?(?:now|it looks))");
    private static final Pattern RAN =
            Pattern.compile("\\b(?:ran|run|pushed|put|sent|used) (?:a|the|our|my|their) \\b");
    private static final Pattern PAST = Pattern.compile(
            "\\b(?:the |that |their |our |a )?last (snaking|cleaning|jetting|cabling|rodding|service)\\b|\\b(?:had|has|have|getting|gets) (?:it|this|the line|her line|that) (snaked|jetted|cleaned|cabled|rodded)\\b|\\b(snaked|jetted|cleaned|cabled|rodded) (?:it |the line )?(?:back )?(?:in|last|on)\\b");
    private static final Pattern WITH = Pattern.compile(
            "\\b(?:after|before|post|pre|since) (?:the |we |they |it was |being |it got |getting )*(jet|snake|cable|cut|rod|auger)(?:t?ed|t?ing|d|ing|ting)?\\b");
    private static final Pattern WHEN = Pattern.compile(
            "\\b((?:january|february|march|april|may|june|july|august|september|october|november|december)(?: \\d{4})?|last (?:year|month|week|spring|summer|fall|winter)|(?:a |two |three )?(?:years?|months?|weeks?) ago|yesterday|this (?:year|month|week|spring|summer|fall|winter|morning))\\b");
    private static final Pattern FROM = Pattern.compile(
            "\\b(?:from|out of|off|through) (?:the |our )?((?:front|back|side|rear|house|basement|garage|yard|upper|lower|two way|main) (?:cleanout|opening|access|side)|basement|garage|roof|toilet|crawl space)\\b");

    /** Cleaning goes out from the opening. */
    private static final Pattern UP_TO =
            Pattern.compile("\\b(?:up|out|all the way|on out|in|clear|down) (?:to|as far as)\\b");

    /** "Cabled 60 ft": that far out. */
    private static final Pattern SO_FAR = Pattern.compile(
            "^(?:cleaned|jetted|snaked|cabled|cut|rodded) (?:about |out )*[a-z0-9./ ]+(?:ft|feet|foot|')");

    @Override
    public void read(Sense sense) {
        Phase phase = Phase.saidIn(sense.text());
        int tool = sense.next(0, Meaning.Tool.class);
        Optional<String> with = sense.find(WITH).map(m -> m.group(1));
        if (phase != Phase.NOT_SAID) {
            for (Candidate c : sense.found()) {
                boolean cleaned = c.matter() instanceof FindingKind k && Cleanable.is(k);
                if (cleaned) {
                    c.say(Detail.PHASE, phase);
                    with.filter(w -> tool < 0)
                            .ifPresent(w -> c.say(
                                    Detail.TOOL,
                                    w.equals("cable") || w.equals("snake") || w.equals("jet") ? w : "cutter"));
                    tool(sense, c, tool);
                }
            }
            if (phase == Phase.BEYOND) {
                sense.drop(FindingKind.LIMIT);
            }
        }
        Optional<Sense.Match> done = sense.find(DONE).filter(m -> placed(sense) && !condition(sense));
        if (done.isEmpty() && tool >= 0 && sense.says(RAN) && placed(sense) && !condition(sense)) {
            done = sense.find(RAN);
        }
        Optional<Sense.Match> past = sense.find(PAST);
        done.or(() -> past.filter(p -> sense.says(WHEN))).ifPresent(m -> {
            sense.drop(FindingKind.ADVICE, FindingKind.OPENING, FindingKind.SIZE_CHANGE);
            Candidate made = sense.add(FindingKind.CLEANED, m.first());
            tool(sense, made, tool);
            int to = sense.next(0, Meaning.Place.class);
            sense.parts()
                    .as(to, Meaning.Place.class)
                    .filter(p -> p.from().equals(p.to()) && (sense.says(UP_TO) || sense.says(SO_FAR)))
                    .ifPresent(p -> {
                        sense.parts().set(to, new Meaning.Place(Distance.ZERO, p.to()));
                        made.setPlace(sense.parts().at(to));
                    });
            sense.find(FROM).ifPresent(f -> sense.sayWords(made, Detail.MARK, f.group(1), f));
            sense.find(WHEN).ifPresent(w -> sense.sayWords(made, Detail.WHEN, w.group(1), w));
            int width = m.last() + 1;
            sense.parts()
                    .as(width, Meaning.Size.class)
                    .filter(w -> tool < 0 && sense.typed())
                    .ifPresent(w -> {
                        made.say(Detail.TOOL_WIDTH, w.size()).understanding(Detail.TOOL_WIDTH, width, width);
                        sense.parts().set(width, new Meaning.Other());
                    });
            String verb = m.group(0).replaceAll(".*\\b(\\w+)$", "$1");
            if (tool < 0 && verb.matches("snak\\w+|jett\\w+|cabl\\w+|rodd?\\w+|auger\\w+")) {
                made.say(
                        Detail.TOOL,
                        verb.replaceAll("(?:t?ing|t?ed|d)$", "")
                                .replace("snak", "snake")
                                .replace("cabl", "cable")
                                .replaceAll("e+$", "e"));
            }
        });
    }

    private static boolean placed(Sense sense) {
        return sense.has(Meaning.Place.class);
    }

    private static boolean condition(Sense sense) {
        return sense.found().stream().anyMatch(Candidate::isCondition);
    }

    private static void tool(Sense sense, Candidate of, int at) {
        sense.parts().as(at, Meaning.Tool.class).ifPresent(t -> {
            of.say(Detail.TOOL, t.name()).understanding(Detail.TOOL, at, at);
            t.width().filter(w -> of.asks(Detail.TOOL_WIDTH)).ifPresent(w -> of.say(Detail.TOOL_WIDTH, w));
        });
    }
}
