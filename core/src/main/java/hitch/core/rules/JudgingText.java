package hitch.core.rules;

import hitch.core.pipe.Material;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;

/** The rules for what is proposed, and the ages of materials, as lines of a text. */
final class JudgingText {
    private JudgingText() {}

    static JudgingRules judging(RuleLines lines) {
        return JudgingRulesBuilder.builder()
                .school(lines.one("judging.verdict", School.class))
                .seenEnough(lines.whole("judging.seen-enough", "%"))
                .roots(lines.one("judging.roots-by", RootCare.class))
                .foam(lines.yes("judging.root-foam"))
                .lightRoots(lines.whole("judging.between-cleanings-light", "months"))
                .heavyRoots(lines.whole("judging.between-cleanings-heavy", "months"))
                .foamEvery(lines.whole("judging.between-foams", "months"))
                .waterEvery(lines.whole("judging.between-cleanings-water", "months"))
                .greaseEvery(lines.whole("judging.between-cleanings-grease", "months"))
                .lookEvery(lines.whole("judging.look-again", "months"))
                .careWithin(lines.whole("judging.care-within", "months"))
                .repairWithin(lines.whole("judging.repair-within", "months"))
                .linerStep(lines.length("judging.liner-step"))
                .linerGap(lines.length("judging.liner-gap"))
                .placesToStretch(lines.whole("judging.places-to-stretch", "places"))
                .nearStretch(lines.whole("judging.near-stretch", "%"))
                .around(lines.length("judging.around-a-repair"))
                .footing(lines.length("judging.near-the-footing"))
                .wallLeft(lines.whole("judging.wall-left-to-descale", "%"))
                .deep(lines.length("judging.deep"))
                .linerLasts(lines.range("judging.liner-lasts", "years"))
                .descaleLasts(lines.range("judging.descaling-lasts", "years"))
                .coatLasts(lines.range("judging.coating-lasts", "years"))
                .roundTo(lines.plainWhole("judging.round-money-to"))
                .build();
    }

    static AgeRules ages(RuleLines lines) {
        Map<Material, MaterialAge> of = new EnumMap<>(Material.class);
        for (Material material : Material.values()) {
            String name = AgeRules.rule(material);
            if (lines.has(name)) {
                of.put(material, MaterialAge.parse(lines.text(name)));
            }
        }
        return new AgeRules(of, lines.whole("ages.doubt", "years"));
    }

    static Map<String, String> lines(HouseRules rules) {
        Map<String, String> lines = new LinkedHashMap<>();
        JudgingRules j = rules.judging();
        lines.put("judging.verdict", RuleLines.word(j.school()));
        lines.put("judging.seen-enough", j.seenEnough() + " %");
        lines.put("judging.roots-by", RuleLines.word(j.roots()));
        lines.put("judging.root-foam", j.foam() ? "yes" : "no");
        lines.put("judging.between-cleanings-light", months(j.lightRoots()));
        lines.put("judging.between-cleanings-heavy", months(j.heavyRoots()));
        lines.put("judging.between-foams", months(j.foamEvery()));
        lines.put("judging.between-cleanings-water", months(j.waterEvery()));
        lines.put("judging.between-cleanings-grease", months(j.greaseEvery()));
        lines.put("judging.look-again", months(j.lookEvery()));
        lines.put("judging.care-within", months(j.careWithin()));
        lines.put("judging.repair-within", months(j.repairWithin()));
        lines.put("judging.liner-step", RuleLines.inches(j.linerStep()));
        lines.put("judging.liner-gap", RuleLines.inches(j.linerGap()));
        lines.put("judging.places-to-stretch", j.placesToStretch() + " places");
        lines.put("judging.near-stretch", j.nearStretch() + " %");
        lines.put("judging.around-a-repair", RuleLines.feet(j.around()));
        lines.put("judging.near-the-footing", RuleLines.feet(j.footing()));
        lines.put("judging.wall-left-to-descale", j.wallLeft() + " %");
        lines.put("judging.deep", RuleLines.feet(j.deep()));
        lines.put("judging.liner-lasts", RuleLines.range(j.linerLasts()) + " years");
        lines.put("judging.descaling-lasts", RuleLines.range(j.descaleLasts()) + " years");
        lines.put("judging.coating-lasts", RuleLines.range(j.coatLasts()) + " years");
        lines.put("judging.round-money-to", Integer.toString(j.roundTo()));
        for (Material material : Material.values()) {
            rules.ages().of(material).ifPresent(a -> lines.put(AgeRules.rule(material), a.text()));
        }
        lines.put("ages.doubt", rules.ages().doubt() + " years");
        return lines;
    }

    private static String months(int months) {
        return months + " months";
    }
}
