/**
 * What can be said of a finding beyond its kind, place and size. {@link hitch.core.detail.Detail} names each thing once: its key in
 * files, its label in forms, how its value is written and read, how it is worded and who may see it. {@link
 * hitch.core.detail.Details} holds what was said.
 */
package hitch.core.detail;
