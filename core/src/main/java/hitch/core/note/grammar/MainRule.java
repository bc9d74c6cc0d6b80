package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.detail.Evidence;
import hitch.core.detail.Way;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** The public main: how far the camera followed it and which way, whose street's it is, and how that was proven. */
final class MainRule implements MoreRules.Rule {
    private static final Pattern ON = Pattern.compile(
            "\\b(?:went|go|turned|headed|kept going|keep going|pushed|push|ran|run|followed|continued|on|another|going|goes|gone|past|beyond) (?:(?:it|on|out|another|about|for|in|the|main|her|this|a) )*"
                    + "(\\d[\\d./ ]*|[a-z]+(?: [a-z]+)?) ?(?:ft|feet|foot|'|m|meters?|metres?)(?: (?:or so|more|further))? ?(up|down|upstream|downstream|past|beyond|upgrade|downgrade)?\\b");
    private static final Pattern SHORT_UP =
            Pattern.compile("(?:^|, |; )(up|down|upstream|downstream) \\d[\\d./ ]* ?(?:ft|feet|foot|'|m)(?= |,|$)");
    private static final Pattern UP_IT = Pattern.compile(
            "\\b(?:went|go|turned|headed|pushed|push|ran|run|continued) (up|down|upstream|downstream) (?:(?:it|the|main|about|another|a|for|good) )*(?:\\d[\\d./ ]*|[a-z]+(?: [a-z]+)?) ?(?:ft|feet|foot|m|meters?|metres?)\\b");
    private static final Pattern POKES_IN = Pattern.compile(
            "\\b(?:pokes|sticks|juts) \\d|\\b(?:sticks|sticking|pokes|poking|protrudes|protruding|jutting) (?:in|out|into)\\b|\\bprotrud\\w+\\b");
    private static final Pattern STREET = Pattern.compile(
            "(?<!\\w)(?:,|in|on|under|of|=|is|at|to|down) (?:the |that )?((?:back|side|front|next|rear|cross|other|main) (?:street|road|yard|alley|lane)|alley|street|road|lane|easement)\\b");
    private static final Pattern FLOW = Pattern.compile(
            "\\bflow(?:s|ing)?\\b|\\bflows\\b|\\bcurrent\\b|\\bwater (?:is )?(?:going|running|crossing) across\\b");
    private static final Pattern LOCATED = Pattern.compile("\\b(?:locate|locates|located|locator)\\b");
    private static final Pattern MAP = Pattern.compile("\\b(?:map|maps|plat|gis|drawing|plans|as built)\\b");
    private static final Pattern OVER = Pattern.compile(
            "\\b(?:over|at|by|on top of|above|beside) the (manhole|lid|hydrant|curb|catch basin|stop sign|pole)\\b");
    private static final Pattern MISSED = Pattern.compile(
            "\\b(?:never|didnt|did not|couldnt|could not|not) (?:(?:quite|even|get|got|to|make|made|reach|able|to|it|out|see|find|all|the|way) )*(?:public |city )?main\\b");

    @Override
    public void read(Sense sense) {
        if (sense.says(MISSED)) {
            sense.drop(FindingKind.MAIN_CONNECTION);
            if (!sense.any(FindingKind.LIMIT) && sense.has(Meaning.Place.class)) {
                sense.add(FindingKind.LIMIT, sense.find(MISSED).orElseThrow().first());
            }
        }
        for (Candidate main : sense.of(FindingKind.MAIN_CONNECTION)) {
            boolean anyTap = sense.parts().says(main.at(), "tap")
                    && sense.parts()
                            .says(
                                    main.at() - 1,
                                    "a",
                                    "an",
                                    "old",
                                    "another",
                                    "capped",
                                    "dead",
                                    "abandoned",
                                    "new",
                                    "live");
            if (anyTap || sense.parts().says(main.at(), "tap", "a tap", "the tap") && sense.says(POKES_IN)) {
                // What stands out into this pipe came into it; this pipe did not come into the main.
                sense.add(FindingKind.TIE_IN, main.at()).sure(main.certainty()).join(main);
                sense.drop(c -> c == main);
                continue;
            }
            sense.find(SHORT_UP)
                    .filter(m -> sense.typed() && main.asks(Detail.BEYOND))
                    .ifPresent(m -> beyond(sense, main, m, m.group(1)));
            sense.find(UP_IT).filter(m -> main.asks(Detail.BEYOND)).ifPresent(m -> beyond(sense, main, m, m.group(1)));
            sense.find(ON).filter(m -> main.asks(Detail.BEYOND)).ifPresent(m -> beyond(sense, main, m, m.group(2)));
            if (sense.says(FLOW)) {
                // "Flow left to right" tells nothing of where the connection sits.
                for (int i = 0; i < sense.parts().size(); i++) {
                    boolean side = sense.parts().has(i, Meaning.Round.class)
                            && sense.text()
                                    .matches(".*\\bflow\\w* (?:is |goes |going |runs )?(?:from )?(?:left|right)\\b.*");
                    if (side) {
                        sense.parts().set(i, new Meaning.Other());
                    }
                }
            }
            sense.find(STREET).ifPresent(m -> sense.sayWords(main, Detail.STREET, m.group(1), m));
            sense.find(OVER).ifPresent(m -> sense.sayWords(main, Detail.MARK, m.group(1), m));
            List<Evidence> by = new ArrayList<>();
            if (sense.says(FLOW)) {
                by.add(Evidence.FLOW);
            }
            if (sense.says(LOCATED) && !sense.has(Meaning.Deep.class)) {
                by.add(Evidence.LOCATE);
            }
            if (sense.says(MAP)) {
                by.add(Evidence.MAP);
            }
            if (!by.isEmpty()) {
                main.say(Detail.EVIDENCE, List.copyOf(by));
            }
            if (by.contains(Evidence.LOCATE) || !main.asks(Detail.BEYOND)) {
                sense.drop(FindingKind.LOCATE);
            }
            sense.drop(FindingKind.STANDING_WATER);
            int pipe = sense.next(0, Meaning.Pipe.class);
            boolean change = sense.any(FindingKind.MATERIAL_CHANGE, FindingKind.SIZE_CHANGE);
            if (pipe >= 0 && !change) {
                main.take(sense.parts().at(pipe));
            }
        }
    }

    private static void beyond(Sense sense, Candidate main, Sense.Match words, String way) {
        for (int i = words.last(); i >= words.first(); i--) {
            Distance far = sense.parts()
                    .as(i, Meaning.Place.class)
                    .map(Meaning.Place::to)
                    .orElse(null);
            if (far == null) {
                far = sense.parts()
                        .as(i, Meaning.Length.class)
                        .map(Meaning.Length::length)
                        .orElse(null);
            }
            if (far == null) {
                far = sense.parts()
                        .as(i, Meaning.Onward.class)
                        .map(Meaning.Onward::length)
                        .orElse(null);
            }
            if (far == null) {
                far = sense.parts()
                        .as(i, Meaning.Deep.class)
                        .map(Meaning.Deep::depth)
                        .orElse(null);
            }
            if (far != null) {
                sense.parts().set(i, new Meaning.Other());
                sense.say(main, Detail.BEYOND, far, words);
                break;
            }
        }
        if (way.startsWith("up")) {
            main.say(Detail.WAY, Way.UPSTREAM);
        } else if (way.startsWith("down")) {
            main.say(Detail.WAY, Way.DOWNSTREAM);
        }
    }
}
