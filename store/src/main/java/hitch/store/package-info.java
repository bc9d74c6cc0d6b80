/**
 * Jobs on disk. A {@link hitch.store.JobFolder} holds the {@link hitch.store.journal.Journal}, stills and cuts; each edit is on
 * the disk before the screen shows it. {@link hitch.store.Footage} finds the clips' files, and {@code handover} writes
 * what leaves the firm.
 */
package hitch.store;
