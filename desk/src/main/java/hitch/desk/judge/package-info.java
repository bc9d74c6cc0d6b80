/** Advice with its because and its unless, beside the firm's house rules. */
package hitch.desk.judge;
