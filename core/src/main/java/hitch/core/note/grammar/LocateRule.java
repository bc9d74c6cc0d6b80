package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import hitch.core.line.GroundMark;
import java.util.Optional;
import java.util.regex.Pattern;

/** What a locate was taken for, and what was put down above it; or that none could be had. */
final class LocateRule implements MoreRules.Rule {
    private static final Pattern END = Pattern.compile(
            "\\b(start|beginning|begin|end|other end|far end|near end|one end|both ends|upper end|lower end) (?:of|for) (?:the |our |this |that )*(dig|repair|trench|liner|lining|excavation|replacement|break|sag|belly)\\b");
    private static final Pattern FOR = Pattern.compile(
            "(?:(?<!\\w)(?:for|=|is|as|marks) (?:the |a |our |your )*|, |\\()(new (?:opening|cleanout)|opening|cleanout|tie in|stop|repair|dig|break|main)\\b");
    private static final Pattern OVER = Pattern.compile(
            "\\b(?:(?:flag|stake|mark|paint|dot|x) (?:for|on)|over|above) (?:the|that|this) (sag|belly|break|offset|roots|crack|hole|tie in|main|stop)\\b");
    private static final Pattern NEW = Pattern.compile("\\b(?:for |the |a )*(new (?:opening|cleanout))\\b");
    private static final Pattern NONE = Pattern.compile(
            "\\b(?:no|couldnt get a|could not get a|cant get a|didnt get a|never got a|without a|need a|needs a|still need a) (?:good |clean )?(?:locate|depth|mark|signal)\\b");

    @Override
    public void read(Sense sense) {
        Optional<Sense.Match> none = sense.find(NONE);
        if (none.isPresent() && !sense.has(Meaning.Deep.class)) {
            sense.drop(c -> true);
            Candidate made = sense.add(FindingKind.REMARK, none.get().first());
            sense.say(made, Detail.ASKS, "locate", none.get());
            return;
        }
        for (Candidate locate : sense.of(FindingKind.LOCATE)) {
            Optional<Sense.Match> end = sense.find(END);
            if (end.isPresent()) {
                String which = end.get().group(1).matches("start|beginning|begin|one end|near end|upper end")
                        ? "start"
                        : "end";
                String what = end.get().group(2).matches("dig|trench|excavation")
                        ? "repair"
                        : end.get().group(2);
                sense.say(
                        locate,
                        Detail.ASKS,
                        end.get().group(1).equals("both ends") ? "both ends of " + what : which + " of " + what,
                        end.get());
                sense.drop(
                        FindingKind.REPAIR,
                        FindingKind.BREAK,
                        FindingKind.STANDING_WATER,
                        FindingKind.ADVICE,
                        FindingKind.END);
            } else {
                purpose(sense, locate);
            }
            locate.above(GroundMark.of(ground(sense).replace("staked", "stake").replace("flagged", "flag")));
        }
    }

    /** "Main locate 8 ft", "bottom of the wye locates at six feet": what is named beside it is what it was taken for. */
    private static void purpose(Sense sense, Candidate locate) {
        Optional<Sense.Match> said = sense.find(FOR).or(() -> sense.find(OVER)).or(() -> sense.find(NEW));
        if (said.isPresent()) {
            sense.sayWords(locate, Detail.ASKS, said.get().group(1), said.get());
            sense.drop(c -> c != locate
                    && c.at() >= said.get().first()
                    && c.at() <= said.get().last());
            return;
        }
        int[] beside = {locate.at() - 1, locate.at() - 2, locate.at() + 1, locate.at() + 2, locate.at() + 4};
        for (int i : beside) {
            Optional<FindingKind> kind =
                    sense.parts().as(i, Meaning.Thing.class).map(Meaning.Thing::kind);
            boolean named = kind.filter(k -> k != FindingKind.LOCATE
                            && k != FindingKind.BOUNDARY
                            && (k.family() == FindingKind.Family.FEATURE
                                    || k == FindingKind.BREAK
                                    || k == FindingKind.LIMIT))
                    .isPresent();
            if (named) {
                FindingKind of = kind.get();
                locate.say(
                        Detail.ASKS,
                        of == FindingKind.MAIN_CONNECTION ? "main" : of == FindingKind.LIMIT ? "stop" : of.word());
                boolean deep = sense.next(0, Meaning.Deep.class) >= 0;
                sense.drop(c -> c.is(of)
                        && deep
                        && (sense.typed() && (isBeside(c, locate) || of.family() == FindingKind.Family.CONDITION)
                                || of == FindingKind.LIMIT
                                || c.at() < locate.at()
                                || !sense.has(Meaning.Place.class)));
                return;
            }
        }
    }

    /** "Locate 4'6 at 33.8, tie in": named beside it for what it is of. */
    private static boolean isBeside(Candidate c, Candidate locate) {
        return Math.abs(c.at() - locate.at()) <= 4;
    }

    /** The words about the ground: what is a figure, or tells how deep, is no mark by it. */
    private static String ground(Sense sense) {
        StringBuilder words = new StringBuilder();
        for (int i = 0; i < sense.parts().size(); i++) {
            boolean figure = switch (sense.parts().at(i).meaning()) {
                case Meaning.Place p -> true;
                case Meaning.Deep d -> true;
                case Meaning.Size z -> true;
                case Meaning.Length l -> true;
                case Meaning.Onward o -> true;
                default -> sense.parts().says(i, "deep", "depth");
            };
            words.append(figure ? " ," : " " + sense.parts().at(i).text());
        }
        return words.toString();
    }
}
