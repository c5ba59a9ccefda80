package fluidframe.server.handout;

import java.util.List;

/**
 * Something for paper, worked out and not yet laid out.
 *
 * @param what it is, such as {@code Figure}
 * @param facts what is said under the title
 * @param version of what it shows and from when, such as {@code version 3 · 27 Nov 2026}; blank where there is none
 */
public record Sheet(String what, String title, List<String> facts, String version, List<Block> blocks) {
    public Sheet {
        title = Block.printable(title);
        facts = facts.stream()
                .map(Block::printable)
                .filter(fact -> !fact.isBlank())
                .toList();
        version = Block.printable(version);
        blocks = List.copyOf(blocks);
    }
}
