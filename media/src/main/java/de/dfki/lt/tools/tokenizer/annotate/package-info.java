/** The marked text of the tokenizer stand-in. */
package de.dfki.lt.tools.tokenizer.annotate;
