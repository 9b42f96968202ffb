package dev.huella.core.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import dev.huella.core.source.SourceException;
import dev.huella.core.source.Work;
import java.lang.management.MemoryUsage;
import java.util.function.DoubleSupplier;
import org.junit.jupiter.api.Test;

/** Work that fills the memory ends with a sentence; other work is left alone. */
class MemoryGuardTest {
    private static final Runnable NOTHING = () -> {};

    /** What a piecemeal collection left behind is asked for again before anything is refused. */
    @Test
    void clearsUpBeforeItRefuses() {
        double[] left = {0.93};
        Runnable clearing = mock(Runnable.class);
        doAnswer(call -> left[0] = 0.2).when(clearing).run();
        var guard = new MemoryGuard(Work.QUIET, () -> left[0], clearing);

        assertThat(guard.stopped()).isFalse();
        verify(clearing).run();
        assertThatCode(guard::check).doesNotThrowAnyException();
    }

    @Test
    void endsWhenTheMemoryIsFull() {
        var guard = new MemoryGuard(Work.QUIET, () -> 0.95, NOTHING);
        guard.progress(Work.Stage.READING, 1_200, 15_000);

        assertThat(guard.stopped()).isTrue();
        assertThatThrownBy(guard::check).isInstanceOf(SourceException.class)
                .hasMessageContaining("after 1,200 of 15,000 files were read")
                .hasMessageContaining("--exclude")
                .hasMessageContaining("HUELLA_MEMORY");
    }

    @Test
    void goesOnWhileThereIsRoom() {
        var guard = new MemoryGuard(Work.QUIET, () -> 0.6, NOTHING);

        assertThat(guard.stopped()).isFalse();
        assertThatCode(guard::check).doesNotThrowAnyException();
    }

    @Test
    void stopsWhenThePersonDoesSo() {
        Work person = mock(Work.class);
        when(person.stopped()).thenReturn(true);
        var guard = new MemoryGuard(person, () -> 0.1, NOTHING);
        guard.read("quay/Mole.java", 3);

        assertThat(guard.stopped()).isTrue();
        assertThat(guard.full()).isFalse();
        verify(person).read("quay/Mole.java", 3);
    }

    /** What work before this one left behind is not held against it. */
    @Test
    void whatWasFoundBeforeItBeganDoesNotCount() {
        MemoryUsage[] found = {new MemoryUsage(0, 95, 100, 100)};
        DoubleSupplier use = MemoryGuard.sinceNow(() -> found[0]);
        assertThat(use.getAsDouble()).isZero();
        found[0] = new MemoryUsage(0, 40, 100, 100);
        assertThat(use.getAsDouble()).isEqualTo(0.4);
        found[0] = new MemoryUsage(0, 96, 100, 100);
        assertThat(use.getAsDouble()).isEqualTo(0.96);
    }
}
