/** What can be done about a pipe, as a sealed family. */
package hitch.core.judge.work;
