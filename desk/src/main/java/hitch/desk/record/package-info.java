/** Recording a paragraph in one's own voice: the microphone, the take, what was heard in it, and what is used of it. */
package hitch.desk.record;
