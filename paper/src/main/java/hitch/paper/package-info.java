/**
 * What is read rather than watched: the one-page report, from one template, with the same rows as the tables and the
 * same words as the video. The template escapes whatever a person typed.
 */
package hitch.paper;
