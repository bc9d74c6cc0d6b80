/** What is still open before a judgement can be signed, each with where to look, to be settled or to be handed on as unknown. */
package hitch.core.judge.question;
