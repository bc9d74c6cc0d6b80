/** Hiding parts of pictures and stretches of sound from whoever gets them. */
package hitch.desk.hide;
