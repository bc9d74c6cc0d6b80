/**
 * The firm's house rules: opinions and numbers to be edited, each with its reason. By them
 * {@link hitch.core.rules.Weigher} says how much a finding asks for.
 */
package hitch.core.rules;
