/**
 * The pipe itself, reckoned. {@link hitch.core.pipe.tie.LineTies} has brought the runs onto one line;
 * {@link hitch.core.pipe.LineReckoner} reads off it what the pipe is made of, where it was really seen, how deep it lies,
 * where it can be got into and what a tool reaches from there, and whose it is: the {@link hitch.core.pipe.Line}.
 */
package hitch.core.pipe;
