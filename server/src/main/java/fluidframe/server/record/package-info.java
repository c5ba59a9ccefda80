/** What is known of couples and groups: how they dance, what was taught, what the day holds, and lines typed in passing. */
package fluidframe.server.record;
