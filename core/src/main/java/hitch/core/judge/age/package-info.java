/** How old the pipe is, whether it can be as old as the house, and how long a careful person would still count on it. */
package hitch.core.judge.age;
