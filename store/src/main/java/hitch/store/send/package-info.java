/**
 * How a parcel gets out of the door: into a {@link hitch.store.send.ToFolder folder} or onto a stick, into one {@link
 * hitch.store.send.ToZip file}, or to an {@link hitch.store.send.UploadService} by {@link hitch.store.send.Upload}, which
 * goes on where it was broken off. What arrives is held against the manifest before it counts as sent.
 */
package hitch.store.send;
