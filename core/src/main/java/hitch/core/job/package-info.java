/**
 * A job and how it changes. Every change is an {@link hitch.core.job.Edit} value; a {@link hitch.core.job.Job} is the
 * fold of its edits; {@link hitch.core.job.JobHistory} adds undo and redo, themselves entries that are never erased.
 * {@link hitch.core.survey.Reckoner} turns a job into the survey everything else is written from.
 */
package hitch.core.job;
