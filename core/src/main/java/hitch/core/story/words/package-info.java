/**
 * What is said, and how: {@link hitch.core.story.words.PhraseBook} has the sentences, {@link hitch.core.story.words.Teller} chooses among them and
 * fills them in, {@link hitch.core.story.words.Named} says what a finding is called.
 */
package hitch.core.story.words;
