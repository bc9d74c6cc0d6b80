/**
 * What the findings mean. {@link hitch.core.judge.Weigher} gives each finding its weight by the firm's
 * {@link hitch.core.judge.HouseRules}, {@link hitch.core.judge.Adviser} proposes what to do, each advice with its
 * because and its unless, and {@link hitch.core.judge.Survey} is everything reckoned for a job at one moment: every
 * video, report and table is written from it, which is why they agree.
 */
package hitch.core.judge;
