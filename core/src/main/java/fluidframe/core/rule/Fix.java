package fluidframe.core.rule;

import fluidframe.core.couple.Role;

/**
 * A change of one cell that would settle a finding.
 *
 * @param label what it does, in a few words
 * @param role whose row
 * @param step the row, from 1
 * @param column the key of the cell in the chart format
 * @param text the new short form
 */
public record Fix(String label, Role role, int step, String column, String text) {}
