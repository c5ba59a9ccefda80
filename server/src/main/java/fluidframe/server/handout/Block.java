package fluidframe.server.handout;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** A piece of a sheet; one template lays out all of them. */
public sealed interface Block {
    /** By which the template knows it. */
    default String kind() {
        return getClass().getSimpleName().toLowerCase(Locale.ROOT);
    }

    /** What no document of the web can hold, such as half of a letter. */
    Pattern UNPRINTABLE = Pattern.compile("[^\\t\\n\\x20-\\uD7FF\\uE000-\\uFFFD\\x{10000}-\\x{10FFFF}]");

    static String printable(String words) {
        return UNPRINTABLE.matcher(words == null ? "" : words).replaceAll("");
    }

    /**
     * A heading, which also stands in the outline of the document.
     *
     * @param level 2 or 3, below the title of the sheet
     * @param aside said beside it in small letters
     */
    record Heading(int level, String words, String aside) implements Block {
        public Heading {
            words = printable(words);
            aside = printable(aside);
        }
    }

    /** A paragraph; {@code style} is plain, note, caution, problem or small. */
    record Words(String style, String words) implements Block {
        public Words {
            words = printable(words);
        }
    }

    /** A list of sentences. */
    record Items(List<String> items) implements Block {
        public Items {
            items = items.stream().map(Block::printable).toList();
        }
    }

    /**
     * A table.
     *
     * @param style by which its columns get their widths
     * @param head headings; none for a table that is read without them
     */
    record Grid(String style, List<String> head, List<Row> rows) implements Block {
        public Grid {
            head = List.copyOf(head);
            rows = List.copyOf(rows);
        }
    }

    /** A row, never broken over two pages; {@code style} is plain, or phrase for one that sets others apart. */
    record Row(String style, List<Cell> cells) {
        public Row {
            cells = List.copyOf(cells);
        }

        static Row of(Cell... cells) {
            return new Row("plain", List.of(cells));
        }
    }

    /** A cell; {@code style} is plain, head, soft, man, lady, mark or amount, {@code span} how many columns it covers. */
    record Cell(String style, String words, int span) {
        public Cell {
            words = printable(words);
        }

        static Cell of(String words) {
            return new Cell("plain", words, 1);
        }

        static Cell of(String style, String words) {
            return new Cell(style, words, 1);
        }
    }

    /** A drawing as SVG, of which all texts are numbers or letters of ours, with what it shows in words. */
    record Picture(String svg, String caption, String size) implements Block {
        public Picture {
            caption = printable(caption);
        }
    }

    /** Blocks side by side. */
    record Pair(List<Block> left, List<Block> right) implements Block {
        public Pair {
            left = List.copyOf(left);
            right = List.copyOf(right);
        }
    }

    /** Blocks that stay on one page. */
    record Together(List<Block> blocks) implements Block {
        public Together {
            blocks = List.copyOf(blocks);
        }
    }

    /** Cards to cut out, two beside each other. */
    record Cards(List<List<Card>> rows) implements Block {
        static Cards of(List<Card> cards) {
            List<List<Card>> rows = new java.util.ArrayList<>();
            for (int i = 0; i < cards.size(); i += 2) rows.add(cards.subList(i, Math.min(i + 2, cards.size())));
            return new Cards(List.copyOf(rows));
        }
    }

    /** One card. */
    record Card(String title, String aside, List<Block> blocks) {
        public Card {
            title = printable(title);
            aside = printable(aside);
            blocks = List.copyOf(blocks);
        }
    }
}
