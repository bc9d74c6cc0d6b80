package hitch.core.survey;

import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Extent;

/**
 * Something that lies along a stretch: standing water, flat grade, grease, roots.
 *
 * @param kind what
 * @param finding its id
 * @param branch where
 * @param extent from start to end
 */
public record LineEvent(FindingKind kind, FindingId finding, String branch, Extent extent) {}
