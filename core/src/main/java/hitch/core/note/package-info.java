/**
 * The note language, for what is typed and what is spoken. {@link hitch.core.note.NoteReader} is the seam: text goes in, a
 * {@link hitch.core.note.Note} of {@link hitch.core.note.Draft}s comes out with the {@link hitch.core.note.Chip}s that
 * show what was understood. Nothing typed is dropped: what no rule takes stays as the remark. The rules are in {@code
 * grammar}.
 */
package hitch.core.note;
