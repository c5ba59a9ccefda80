/** An evening of a class: who came, what is danced round by round, and with whom everybody has danced. */
package fluidframe.core.evening;
