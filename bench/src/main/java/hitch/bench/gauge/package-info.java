/** How right what is measured on pictures is: made-up pipe with known steps, gaps, shares and depths of water. */
package hitch.bench.gauge;
