/** What was said along the footage, held against the survey: the queue of drafts to be kept, refused or known again. */
package hitch.core.survey.spoken;
