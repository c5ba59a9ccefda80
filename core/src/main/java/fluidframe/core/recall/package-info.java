/** Questions drawn from the charts, and the judgement of what is answered. */
package fluidframe.core.recall;
