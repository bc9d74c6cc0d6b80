/** What a fresh clip tells of the run that it belongs to, as proposals with their reasons: a person takes them, none is taken silently. */
package hitch.core.propose;
