package fluidframe.core.rotation;

import java.util.BitSet;
import java.util.List;

/** One round in numbers. */
record Partners(List<int[]> pairs, BitSet waiting) {}
