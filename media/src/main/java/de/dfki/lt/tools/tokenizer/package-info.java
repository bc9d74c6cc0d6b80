/**
 * Stand-in for the tokenizer that the voice asks for by name and that Maven Central does not carry: words, numbers and
 * punctuation marks as tokens, and a border before every sentence. Only what the voice calls is here.
 */
package de.dfki.lt.tools.tokenizer;
