/**
 * Attacks on Hitch with damaged files and outputs onto inputs. A {@link hitch.bench.harm.Harm} damages bytes by a seed, a
 * {@link hitch.bench.harm.Attack} hands them in and tells what came of it, {@link hitch.bench.harm.BreakTable} counts.
 */
package hitch.bench.harm;
