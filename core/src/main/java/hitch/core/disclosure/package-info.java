/**
 * What one recipient may see. {@link hitch.core.disclosure.Recipient}s are values: which part of the line is theirs, in
 * which tone they are told, whether they may know the people. {@link hitch.core.disclosure.Disclosure} is the one place
 * that decides: every video, caption, page, table and manifest takes what it gives and reaches nothing else.
 */
package hitch.core.disclosure;
