package hitch.core.rules;

import hitch.core.finding.Weight;

/** A weight and the reason for it, a phrase that can follow "because". */
public record Weighed(Weight weight, String because) {}
