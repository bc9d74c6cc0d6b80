/**
 * One trip of the camera: a {@link hitch.core.run.Run} leaves an opening with or against the flow, with its
 * {@link hitch.core.run.Equipment}, and turns cable into stations on the line.
 */
package hitch.core.run;
