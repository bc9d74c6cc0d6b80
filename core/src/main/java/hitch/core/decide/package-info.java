/**
 * What a person decided on what was proposed: which findings are one matter, which way of meeting it is taken, what a question
 * came to, in which words the verdict stands, and which earlier visit is laid beside this one. A decision names the findings it
 * is about, never a place in a list, and carries a fingerprint of the facts it was made on, so that it outlives whatever is
 * reckoned anew and is flagged once the facts have moved on.
 */
package hitch.core.decide;
