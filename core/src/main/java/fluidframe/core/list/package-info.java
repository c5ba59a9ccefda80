/** Lists of levels: which figures an organisation permits up to which level. */
package fluidframe.core.list;
