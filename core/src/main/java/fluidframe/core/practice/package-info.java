/** What is practised on which day until an event: the plan that is worth most, and why every minute is in it. */
package fluidframe.core.practice;
