/**
 * How each sort of matter is met: a small class for each, which gives the ways there are, the one to take first, every one with
 * its reasons, what would change it, and where it can hurt. The numbers are the firm's own; what stands as trade practice is what
 * practitioners agree on.
 */
package hitch.core.judge.rule;
