/** What it comes to, in the firm's school, always with what was not seen and with what would change it. */
package hitch.core.judge.verdict;
