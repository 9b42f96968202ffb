package dev.huella.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.CodeBase;
import dev.huella.core.conformance.ConformanceCheck;
import dev.huella.core.conformance.Verdict;
import dev.huella.core.molde.Catalogue;
import org.junit.jupiter.api.Test;

/** A question that would take too long is ended and said to be open; what else is asked goes on. */
class EndedInquiryTest {
    private final Matcher matcher = new Matcher(CodeBase.of("""
            interface Watcher { void rose(int metres); }
            class Horn implements Watcher { boolean loud; public void rose(int metres) { loud = metres > 4; } }
            class Staff {
                private final java.util.List<Watcher> watchers = new java.util.ArrayList<>();
                private int level;
                void join(Watcher watcher) { watchers.add(watcher); }
                void rise(int by) { level += by; for (Watcher watcher : watchers) { watcher.rose(level); } }
            }
            class Desk { void open(Staff staff) { staff.join(new Horn()); } }
            """));
    private final PatternInstance observer = matcher.find(Catalogue.shipped().definition("observer"))
            .instances()
            .getFirst();

    @Test
    void whatIsEndedIsOpenWithTheReason() {
        var check = new ConformanceCheck(new Inquiry(matcher.tables(), 0));

        assertThat(check.verdicts(observer)).hasSameSizeAs(observer.pattern().obligations())
                .anySatisfy(verdict -> {
                    assertThat(verdict.kind()).isEqualTo(Verdict.Kind.OPEN);
                    assertThat(verdict.why()).contains("too long").contains("smaller part");
                });
    }

    @Test
    void withRoomAllIsTold() {
        assertThat(new ConformanceCheck(new Inquiry(matcher)).verdicts(observer))
                .noneMatch(verdict -> verdict.kind() == Verdict.Kind.OPEN);
    }
}
