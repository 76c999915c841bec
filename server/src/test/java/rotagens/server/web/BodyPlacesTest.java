package rotagens.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class BodyPlacesTest {

    private final AtomicLong now = new AtomicLong();
    private final BodyPlaces places = new BodyPlaces(3, 2, now::get);

    @Test
    @DisplayName("one address has so many bodies under way, all together so many; a body that has come makes room")
    void full() throws Exception {
        BodyPlaces.Place first = places.of("10.0.0.1");
        first.enter();
        places.of("10.0.0.1").enter();
        assertThatThrownBy(() -> places.of("10.0.0.1").enter()).isInstanceOf(BodyPlaces.NotTaken.class);
        places.of("10.0.0.2").enter();
        assertThatThrownBy(() -> places.of("10.0.0.3").enter()).isInstanceOf(BodyPlaces.NotTaken.class);
        first.leave();
        assertThatCode(() -> places.of("10.0.0.3").enter()).doesNotThrowAnyException();
        assertThat(places.underWay()).isEqualTo(3);
    }

    @Test
    @DisplayName("a body that comes drop by drop is given up; one that comes steadily on a slow line is taken")
    void slow() throws Exception {
        BodyPlaces.Place drops = places.of("10.0.0.1");
        drops.enter();
        now.addAndGet(TimeUnit.SECONDS.toNanos(19));
        drops.goesOn(3);
        now.addAndGet(TimeUnit.SECONDS.toNanos(2));
        assertThatThrownBy(() -> drops.goesOn(4))
                .isInstanceOfSatisfying(
                        BodyPlaces.NotTaken.class,
                        not -> assertThat(not.problem()).isEqualTo(BodyPlaces.SLOW));
        assertThat(places.underWay()).isZero();
        BodyPlaces.Place photo = places.of("10.0.0.1");
        photo.enter();
        now.addAndGet(TimeUnit.SECONDS.toNanos(60));
        assertThatCode(() -> photo.goesOn(1_000_000)).doesNotThrowAnyException();
    }
}
