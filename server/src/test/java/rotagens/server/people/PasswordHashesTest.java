package rotagens.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.security.crypto.password.PasswordEncoder;

class PasswordHashesTest {

    @Test
    @DisplayName("however many sign in at once, only so many slow hashes are made at a time")
    void bounded() throws Exception {
        PasswordEncoder slow = mock(PasswordEncoder.class);
        AtomicInteger now = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        CountDownLatch twoAreIn = new CountDownLatch(2);
        when(slow.encode(any())).thenReturn("hash");
        when(slow.matches(any(), any())).thenAnswer(call -> {
            most.accumulateAndGet(now.incrementAndGet(), Math::max);
            twoAreIn.countDown();
            twoAreIn.await();
            now.decrementAndGet();
            return true;
        });
        PasswordHashes hashes = new PasswordHashes(slow, 2);
        ExecutorService people = Executors.newFixedThreadPool(12);
        List<Future<Boolean>> answers = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            answers.add(people.submit(() -> hashes.matches("seven blue wheels", "hash")));
        }
        for (Future<Boolean> answer : answers) {
            assertThat(answer.get()).isTrue();
        }
        people.shutdown();
        assertThat(most).hasValue(2);
    }

    @Test
    @DisplayName("without a hash the answer is no, and the hash is made all the same")
    void nobody() {
        PasswordEncoder encoder = mock(PasswordEncoder.class);
        when(encoder.encode(any())).thenReturn("hash of no one");
        when(encoder.matches("anything", "hash of no one")).thenReturn(true);
        assertThat(new PasswordHashes(encoder, 2).matches("anything", null)).isFalse();
        org.mockito.Mockito.verify(encoder).matches("anything", "hash of no one");
    }
}
