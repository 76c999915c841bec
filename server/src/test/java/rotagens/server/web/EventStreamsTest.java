package rotagens.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class EventStreamsTest {

    private final EventStreams streams = new EventStreams();

    @Test
    @DisplayName(
            "one person has so many pages that are told of what happens; one more is refused, another person’s is not")
    void capped() {
        for (int i = 0; i < 24; i++) {
            streams.open("job 7", "person 1", "watching", "");
        }
        assertThatThrownBy(() -> streams.open("job 7", "person 1", "watching", ""))
                .isInstanceOfSatisfying(
                        ProblemException.class,
                        refused -> assertThat(refused.problem().getStatus()).isEqualTo(429));
        streams.open("job 1", "person 2", "watching", "");
        assertThat(streams.count("job 7")).isEqualTo(24);
        assertThat(streams.count("job 1")).isEqualTo(1);
    }

    @Test
    @DisplayName("a page ends by itself, and a closed topic has nobody to tell")
    void ends() {
        assertThat(streams.open("job 7", "person 1", "watching", "").getTimeout())
                .isPositive();
        assertThat(streams.tell("job 7", "changed", "")).isTrue();
        streams.close("job 7");
        assertThat(streams.tell("job 7", "changed", "")).isFalse();
    }
}
