/**
 * One line from many runs. Every moment at which a finding is seen is a {@link hitch.core.pipe.tie.Sight}: a run, and how
 * far along it. Sights of one thing are grouped ({@link hitch.core.pipe.tie.SightGroups}); a thing seen from two runs ties
 * them ({@link hitch.core.pipe.tie.RunSolver}, least squares); a run whose sights agree only up to a moment has slipped
 * there ({@link hitch.core.pipe.tie.SlipSearch}). {@link hitch.core.pipe.tie.LineTies} leads through it.
 */
package hitch.core.pipe.tie;
