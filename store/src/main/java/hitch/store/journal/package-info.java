/**
 * The save file's truth: a header with the format and the job's own id, then one line of JSON for each entry. Each line
 * carries a checksum of itself, and that of the line before ({@link hitch.store.journal.Seal}), so that no flipped bit
 * changes a value without a word. {@link hitch.store.journal.JournalReader} keeps the place of what it cannot read;
 * {@link hitch.store.journal.Migrations} brings lines of older formats to the present one.
 */
package hitch.store.journal;
