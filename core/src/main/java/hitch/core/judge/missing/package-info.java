/** What is to be done before the van leaves, by the record so far. */
package hitch.core.judge.missing;
