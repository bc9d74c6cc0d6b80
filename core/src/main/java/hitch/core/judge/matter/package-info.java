/**
 * What there is to be dealt with: {@link hitch.core.judge.matter.Matters} puts findings that ask for the same thing together
 * as one {@link hitch.core.judge.matter.Matter}, with what they bring about, by the sort of pipe they lie in and whose it is.
 * {@link hitch.core.judge.matter.Case} is all that a judgement rests on.
 */
package hitch.core.judge.matter;
