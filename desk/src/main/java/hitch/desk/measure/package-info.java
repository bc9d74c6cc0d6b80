/** Measures what a held frame shows: by rings that are found, by clicks, by a brush; and gives the sizes to findings. */
package hitch.desk.measure;
