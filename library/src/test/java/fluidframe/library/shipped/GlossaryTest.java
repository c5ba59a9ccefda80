package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class GlossaryTest {
    private static final List<Glossary.Entry> ALL = Glossary.load();

    @Test
    void everyWordOfTheVocabularyHasAnEntryAndNoneIsLeftOver() {
        Map<String, List<String>> written = Glossary.written();
        Glossary.vocabulary()
                .forEach((group, words) ->
                        assertThat(written.remove(group)).as(group).containsExactlyInAnyOrderElementsOf(words));
        assertThat(written).containsOnlyKeys("chart");
    }

    @Test
    void everyEntryIsTwoSentencesOfItsOwn() {
        Set<String> seen = new HashSet<>();
        assertThat(ALL).hasSizeGreaterThan(150).allSatisfy(entry -> {
            assertThat(entry.says()).as(entry.term()).hasSizeBetween(40, 260).endsWith(".");
            // A colon or a semicolon parts a sentence; a full stop ends one.
            assertThat(entry.says().split("(?<=\\.) ")).as(entry.says()).hasSize(2);
        });
        ALL.stream()
                .filter(entry -> !entry.group().equals("hold") && !entry.group().equals("position"))
                .forEach(entry ->
                        assertThat(seen.add(entry.says())).as(entry.says()).isTrue());
    }

    @Test
    void codesAndDrawingsComeFromTheSameVocabulary() {
        assertThat(entry("place", "side and slightly forward").codes()).contains("sf");
        assertThat(entry("place", "diagonally back").drawing()).contains(new Glossary.Drawing("step", 6, 0, 0.75));
        assertThat(entry("align", "DC").drawing()).contains(new Glossary.Drawing("direction", 14, 0, 0));
        assertThat(entry("position", "closed").drawing().orElseThrow().sixteenths())
                .isEqualTo(8);
        assertThat(entry("place", "crosses behind").drawing()).isEmpty();
        assertThat(entry("turn", "heel turn").drawing()).isEmpty();
    }

    private static Glossary.Entry entry(String group, String term) {
        return ALL.stream()
                .filter(one -> one.group().equals(group) && one.term().equals(term))
                .findFirst()
                .orElseThrow();
    }
}
