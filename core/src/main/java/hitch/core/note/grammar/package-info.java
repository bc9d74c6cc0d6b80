/**
 * How the trade's language is read, step by step: {@link hitch.core.note.grammar.Tokenizer} cuts the text, {@link
 * hitch.core.note.grammar.Numbers} joins spoken figures, {@link hitch.core.note.grammar.SentenceCutter} cuts sentences;
 * {@link hitch.core.note.grammar.Phrases} finds the words of {@code words.txt}, {@link hitch.core.note.grammar.Amounts},
 * {@link hitch.core.note.grammar.Corrections}, {@link hitch.core.note.grammar.Ranges}, {@link
 * hitch.core.note.grammar.Roles} and {@link hitch.core.note.grammar.Pipes} settle what each figure stands for; {@link
 * hitch.core.note.grammar.Candidates} picks what is really claimed, with {@link hitch.core.note.grammar.Scopes} and
 * {@link hitch.core.note.grammar.Claim}; {@link hitch.core.note.grammar.TraitsGiven} and {@link
 * hitch.core.note.grammar.Places} say of what and where. {@link hitch.core.note.grammar.Sentence} leads through it.
 */
package hitch.core.note.grammar;
