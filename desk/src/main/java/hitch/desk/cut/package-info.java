/** The script beside its shots: words on the left, what they run over on the right. */
package hitch.desk.cut;
