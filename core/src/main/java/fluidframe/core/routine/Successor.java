package fluidframe.core.routine;

import fluidframe.core.link.Danceable;
import fluidframe.core.link.Link;

/**
 * Something that can be danced next.
 *
 * @param figure what
 * @param link how it joins: yes, or yes if
 * @param customary whether the charts list it
 * @param leadsOn whether the figure that now stands next could follow it as charted
 */
public record Successor(Danceable figure, Link link, boolean customary, boolean leadsOn) {}
