package lease;

import java.time.LocalDate;
import java.time.Month;

@FunctionalInterface
public interface Clause {
    int adjust(int cents, LocalDate on);

    static Clause none() {
        return (cents, on) -> cents;
    }

    static Clause winter(int extra) {
        return (cents, on) -> on.getMonth() == Month.DECEMBER ? cents + extra : cents;
    }

    default Clause then(Clause other) {
        return (cents, on) -> other.adjust(adjust(cents, on), on);
    }
}
