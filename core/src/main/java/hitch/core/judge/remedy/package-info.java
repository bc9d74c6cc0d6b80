/**
 * Ways to meet a matter. {@link hitch.core.judge.work.Work} is what is done, {@link hitch.core.judge.remedy.Remedy} all that is known
 * of doing it: from where to where, how deep, what it clears and leaves, what comes first, what it costs and how long it lasts. Each sort
 * of matter has a rule of its own that says which works would do, the one to take first.
 */
package hitch.core.judge.remedy;
