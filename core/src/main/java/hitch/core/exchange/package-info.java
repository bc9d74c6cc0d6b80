/**
 * What leaves Hitch, in open formats: comma-separated values, JSON, WebVTT and SubRip. {@link
 * hitch.core.exchange.FindingRow} is the one row that every table, page and caption shares; whatever a person typed is
 * treated as data and defused for the format it goes into.
 */
package hitch.core.exchange;
