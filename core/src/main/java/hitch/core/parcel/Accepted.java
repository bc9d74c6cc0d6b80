package hitch.core.parcel;

/**
 * Something that was found before a parcel went out, and was accepted as it is.
 *
 * @param check what was found, a sentence
 * @param by who accepted it; blank where nobody was named
 * @param why a word why; blank where none was given
 */
public record Accepted(String check, String by, String why) {}
