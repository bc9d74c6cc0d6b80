/** Second eyes: where the wall of a pipe breaks its own rhythm. It names nothing; it says where to look. */
package hitch.core.eyes;
