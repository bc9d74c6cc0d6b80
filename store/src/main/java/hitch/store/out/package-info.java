/**
 * The one guard before anything is written that a person named: {@link hitch.store.out.OutFile} and {@link
 * hitch.store.out.OutFolder}. Neither lies over what is read, nor inside a job, by whatever name, link or way it is called;
 * a file is written beside its place and moved into it when it is whole.
 */
package hitch.store.out;
