/** How well made-up visits are taken in: recorded, read, listened to, and their runs proposed. */
package hitch.bench.visit;
