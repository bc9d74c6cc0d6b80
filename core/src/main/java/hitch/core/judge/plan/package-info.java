/** Whole ways to go over the years, side by side: what happens when, what is spent by then, what is left unsolved. */
package hitch.core.judge.plan;
