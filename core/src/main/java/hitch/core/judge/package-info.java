/**
 * What the findings come to: {@link hitch.core.judge.Adviser} proposes from a survey what to do, each advice with its
 * because and its unless.
 */
package hitch.core.judge;
