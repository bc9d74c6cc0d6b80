/** Speech into words: {@link hitch.media.ears.Recogniser} writes down what is said in a piece of sound in which somebody speaks. */
package hitch.media.ears;
