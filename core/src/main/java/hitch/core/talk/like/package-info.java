/**
 * What words are like that no rule knows. {@link hitch.core.talk.like.Phrase} has those that were made up kind by kind, and what {@link
 * hitch.core.talk.like.Lesson} says, caption by caption; {@link hitch.core.talk.like.WordCounts} tells by the words themselves, {@link hitch.core.talk.like.Net} by their sense, and {@link
 * hitch.core.talk.like.Likeness} takes both together. {@link hitch.core.talk.like.Teacher} teaches the net.
 */
package hitch.core.talk.like;
