/** What is asked for: the way that was taken for each matter, in order, of whom, how soon, by which date; as proposed or as a person decided. */
package hitch.core.judge.ask;
