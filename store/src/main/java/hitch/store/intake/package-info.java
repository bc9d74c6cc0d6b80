/** Takes a folder of footage in, step by step: what is on it, what its counter shows, what was said, which runs it shows. */
package hitch.store.intake;
