package hitch.core.district;

import hitch.core.line.ReadFrom;
import hitch.core.measure.LengthUnit;
import java.util.List;

/**
 * How one district wants what it gets.
 *
 * @param name what the district is called
 * @param from what its distances are read from
 * @param rising whether they rise with the flow
 * @param unit of its distances
 * @param decimals of them, 0 to 3; of no account in feet and inches
 * @param upper what the public structure at the upper end is called, unless a job says otherwise; blank where nobody said
 * @param lower the same of the lower end
 * @param clipSeconds the longest clip it takes, seconds; 0 for any
 * @param fileNames pattern of the names of stills and clips, of fields in braces: {@code {upper}_{code}_{station}}
 * @param columns of its table, in order
 */
public record DistrictForm(
        String name,
        ReadFrom from,
        boolean rising,
        LengthUnit unit,
        int decimals,
        String upper,
        String lower,
        double clipSeconds,
        String fileNames,
        List<Column> columns) {
    public static final String USUAL_NAMES = "{finding}-{code}-{station}";

    /** A form that asks for little, to begin with. */
    public static final DistrictForm PLAIN = new DistrictForm(
            "",
            ReadFrom.MAIN,
            false,
            LengthUnit.FEET,
            1,
            "",
            "",
            0,
            USUAL_NAMES,
            List.of(
                    new Column("upper", Column.Field.UPPER),
                    new Column("lower", Column.Field.LOWER),
                    new Column("at", Column.Field.STATION),
                    new Column("to", Column.Field.STATION_END),
                    new Column("code", Column.Field.CODE),
                    new Column("what", Column.Field.WORDS),
                    new Column("clock", Column.Field.CLOCK),
                    new Column("still", Column.Field.STILL),
                    new Column("clip", Column.Field.CLIP),
                    new Column("time", Column.Field.TIME)));

    public DistrictForm {
        name = name.strip();
        upper = upper.strip();
        lower = lower.strip();
        columns = List.copyOf(columns);
        if (decimals < 0 || decimals > 3) {
            throw new IllegalArgumentException("a distance has 0 to 3 decimals, not " + decimals);
        }
        if (!(clipSeconds >= 0)) {
            throw new IllegalArgumentException("a clip is not shorter than nothing");
        }
        if (columns.isEmpty()) {
            throw new IllegalArgumentException("a table has at least one column");
        }
        if (fileNames.isBlank()) {
            fileNames = USUAL_NAMES;
        }
    }
}
