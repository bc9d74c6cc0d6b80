/** What leaves the firm: choose the recipient, watch it being made, see what was made. */
package hitch.desk.handover;
