package fluidframe.core.jotting;

import java.util.List;
import java.util.stream.Stream;

/** Everything by which something may be called, each as its plain words. */
record Phrases(Names.Named named, List<Phrase> phrases) {
    /** @param parted whether the name itself has a comma, so that the line may have one within it */
    record Phrase(String[] words, boolean parted) {
        static Phrase of(String name) {
            return new Phrase(Typed.plain(name).split("[^\\p{L}\\p{N}']+"), name.contains(","));
        }
    }

    static Phrases of(Names.Named named) {
        return new Phrases(
                named,
                Stream.concat(Stream.of(named.name()), named.also().stream())
                        .flatMap(name -> named.dance().isBlank()
                                ? Stream.of(name)
                                : Stream.of(name, named.dance() + " " + name, name + " " + named.dance()))
                        .map(Phrase::of)
                        .toList());
    }
}
