/**
 * The note language. {@link hitch.core.note.NoteReader} is the seam: a sentence goes in, a {@link hitch.core.note.Draft}
 * with its {@link hitch.core.note.Chip}s comes out, and nothing typed is dropped: what no rule takes stays as the
 * remark. {@link hitch.core.note.PlainNoteReader} is the small grammar of the note line.
 */
package hitch.core.note;
