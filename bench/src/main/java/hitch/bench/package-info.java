/**
 * What Hitch is measured by, for {@code ./hitch bench}: speed in ratios against the least that could be done in the same
 * run ({@link hitch.bench.FootageTimes}, {@link hitch.bench.CounterTimes}), and rightness against known truth
 * ({@link hitch.bench.CounterTable}, {@link hitch.bench.LineTable}, {@link hitch.bench.TalkTable}). Nothing of the product
 * leans on it.
 */
package hitch.bench;
