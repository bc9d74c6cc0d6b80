package hitch.core.rules;

import hitch.core.measure.Distance;
import hitch.core.measure.Range;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What is proposed for what was found, and how it is put.
 *
 * @param school how it is said what the line comes to
 * @param seenEnough share of the owner's pipe, percent, 0 to 100, under which a line is mostly unseen and not judged
 * @param roots by what roots are taken out
 * @param foam whether a root-killing foam follows
 * @param lightRoots months until the next cleaning where roots are light
 * @param heavyRoots the same where they are heavy; between them stands {@link CareRules#monthsBetweenCleanings}
 * @param foamEvery months between foams
 * @param waterEvery months between cleanings where water stands
 * @param greaseEvery months between cleanings where grease or scum builds up
 * @param lookEvery months until what is only watched is looked at again
 * @param careWithin months within which what needs care is seen to
 * @param repairWithin months within which a repair is made
 * @param linerStep a liner passes steps under this
 * @param linerGap a liner bridges gaps up to this
 * @param placesToStretch from how many dug places on a stretch the stretch is renewed instead
 * @param nearStretch a spot repair that costs this share of renewing its stretch, percent, is told to be no saving
 * @param around how far a spot repair goes to either side of what it mends
 * @param footing an open wall this near to the building is mended at once
 * @param wallLeft share of the wall, percent, that must be left for descaling
 * @param deep from this depth on a trench counts as deep
 * @param linerLasts years that a liner lasts
 * @param descaleLasts years until scale is back
 * @param coatLasts years that a coating put on after descaling lasts
 * @param roundTo sums of money are rounded outwards to multiples of this; 0 leaves them
 */
@RecordBuilder
public record JudgingRules(
        School school,
        int seenEnough,
        RootCare roots,
        boolean foam,
        int lightRoots,
        int heavyRoots,
        int foamEvery,
        int waterEvery,
        int greaseEvery,
        int lookEvery,
        int careWithin,
        int repairWithin,
        Distance linerStep,
        Distance linerGap,
        int placesToStretch,
        int nearStretch,
        Distance around,
        Distance footing,
        int wallLeft,
        Distance deep,
        Range linerLasts,
        Range descaleLasts,
        Range coatLasts,
        int roundTo)
        implements RulePart, JudgingRulesBuilder.With {
    @Override
    public String about() {
        return "what is proposed";
    }
}
