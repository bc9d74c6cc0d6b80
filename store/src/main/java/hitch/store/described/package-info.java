/**
 * The described line: a whole record as a small YAML text that people write by hand and programs write back the same. {@link
 * hitch.store.described.DescribedLine} reads and writes it; each sort of thing in it has its {@link hitch.store.described.FieldForm}.
 * The format stands in {@code docs/formats/described-line.md}.
 */
package hitch.store.described;
