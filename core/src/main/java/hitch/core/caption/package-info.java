/** Captions: what was said, with its times, as it is read from files in several open forms. */
package hitch.core.caption;
