/** What every format of the open family shares: texts with lines and columns, schemas, problems, salvage, differences. */
package fluidframe.library.text;
