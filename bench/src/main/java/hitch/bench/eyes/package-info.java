/** Second eyes against known truth: made-up pipe with things in it that nobody marked, and pipe that is clean. */
package hitch.bench.eyes;
