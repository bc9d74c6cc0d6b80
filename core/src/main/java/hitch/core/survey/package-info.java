/**
 * Everything reckoned for a job at one moment. {@link hitch.core.survey.Reckoner} leads: the runs are brought onto one line
 * ({@link hitch.core.survey.align.LineTies}); {@link hitch.core.survey.Locating} puts each finding on it, and each thing
 * once; {@link hitch.core.survey.LineReckoner} reads off it what the pipe is made of, where it was really seen, how deep it
 * lies, where it can be got into and what a tool reaches from there, and whose it is. The {@link hitch.core.survey.Survey}
 * is what every video, report and table is written from, which is why they agree.
 */
package hitch.core.survey;
