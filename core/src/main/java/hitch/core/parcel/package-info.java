/**
 * What one recipient gets, as values: the {@link hitch.core.parcel.Report} that page and PDF are both made from, what is
 * checked before it goes, how it stands with each issue that was made, and the tables of a district's own form. Nothing
 * here reads or writes a file.
 */
package hitch.core.parcel;
