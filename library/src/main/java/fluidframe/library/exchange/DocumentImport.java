package fluidframe.library.exchange;

import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.library.text.Format;
import fluidframe.library.text.Problem;
import fluidframe.library.text.ReadResult;
import fluidframe.library.text.SourceText;
import java.util.List;
import java.util.Optional;

/** Documents of the open formats, YAML or JSON. */
final class DocumentImport implements Import {
    @Override
    public boolean recognises(Incoming file) {
        return file.ends("yaml", "yml", "json")
                || file.text().flatMap(Format::nameIn).isPresent();
    }

    @Override
    public Brought read(Incoming file) {
        Optional<String> text = file.text();
        if (text.isEmpty()) return Brought.refused("a text", "The file must be UTF-8 text, but is not");
        Optional<String> name = Format.nameIn(text.get());
        if (name.isEmpty()) {
            List<Problem> unreadable =
                    SourceText.problemOf(text.get()).map(List::of).orElse(List.of());
            return Brought.refused(
                    "a text",
                    unreadable.isEmpty() ? List.of(new Problem(1, 1, "/format", Formats.refusal(""))) : unreadable);
        }
        return Formats.named(name.get())
                .map(format -> read(format, text.get()))
                .orElseGet(() ->
                        Brought.refused("a text", List.of(new Problem(1, 1, "/format", Formats.refusal(name.get())))));
    }

    private static <T> Brought read(Format<T> format, String text) {
        ReadResult<T> read = format.read(text);
        if (read.value().isEmpty()) return Brought.refused("a " + format.kind(), read.problems());
        ObjectNode document = format.toJson(read.value().get());
        return new Brought(
                "a " + format.kind(),
                List.of(new Brought.Thing(format.kind(), Format.idIn(text), document)),
                List.of(),
                List.of());
    }
}
