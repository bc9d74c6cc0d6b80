package hitch.core.counter.sight;

/**
 * What else is known of the unit that a clip's counter counts in.
 *
 * @param job what the job is measured in, if somebody chose it; {@link CounterUnit#UNSAID} where nobody did
 * @param others what the counters of the job's other clips count in, where that is sure
 * @param saidFeet times that feet were said along the clip
 * @param saidMetres times that metres were said
 */
public record UnitHints(CounterUnit job, CounterUnit others, int saidFeet, int saidMetres) {
    public static final UnitHints NONE = new UnitHints(CounterUnit.UNSAID, CounterUnit.UNSAID, 0, 0);
}
