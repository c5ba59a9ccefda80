package fluidframe.core.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class DetailTest {
    @Test
    void whoWantsMoreReadsWhatIsForThoseBefore() {
        assertThat(Detail.FIRST_LESSON.includes(Detail.FIRST_LESSON)).isTrue();
        assertThat(Detail.FIRST_LESSON.includes(Detail.SETTLED)).isFalse();
        assertThat(Detail.SETTLED.includes(Detail.FIRST_LESSON)).isTrue();
        assertThat(Detail.SETTLED.includes(Detail.ADVANCED)).isFalse();
        for (Detail remark : Detail.values())
            assertThat(Detail.ADVANCED.includes(remark)).isTrue();
    }

    @Test
    void readsWhatItWritesAndNamesWhatItKnows() {
        for (Detail detail : Detail.values()) {
            assertThat(Detail.parse(" " + detail.toString().toUpperCase() + " "))
                    .isEqualTo(detail);
        }
        assertThatThrownBy(() -> Detail.parse("masters"))
                .hasMessage("For whom a remark is must be one of first lesson, settled, advanced, but was \"masters\"");
    }
}
