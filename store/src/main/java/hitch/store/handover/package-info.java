/**
 * What leaves the firm. {@link hitch.store.handover.Delivery} writes a recipient's whole set, {@link
 * hitch.store.handover.EvidenceCut} a finding's footage; both leave a record by which every file can be traced to its
 * source.
 */
package hitch.store.handover;
