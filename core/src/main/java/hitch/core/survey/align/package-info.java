/**
 * One line from many runs. Every moment at which a finding is seen is a {@link hitch.core.survey.align.Sight}: a run, and how
 * far along it. Sights of one thing are grouped ({@link hitch.core.survey.align.SightGroups}); a thing seen from two runs ties
 * them ({@link hitch.core.survey.align.RunSolver}, least squares); a run whose sights agree only up to a moment has slipped
 * there ({@link hitch.core.survey.align.SlipSearch}). {@link hitch.core.survey.align.LineTies} leads through it.
 */
package hitch.core.survey.align;
