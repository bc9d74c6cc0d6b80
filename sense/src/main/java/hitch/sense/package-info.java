/**
 * What words mean, as numbers: {@link hitch.sense.WordSense} turns a few English words into a point among other words' points, and words
 * that mean alike lie close together, whatever they are. The only native code below the heart; where it does not run, there is none.
 */
package hitch.sense;
