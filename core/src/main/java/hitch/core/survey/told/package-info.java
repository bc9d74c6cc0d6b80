/**
 * What was told rather than found, put in order: which water was run and where it arrived, what was promised and kept, what the people of
 * the house noticed and what explains it, what brought what about, and what the ground above is covered with. Each is reckoned from the
 * findings that somebody may see, so a recipient gets no more of it than of them.
 */
package hitch.core.survey.told;
