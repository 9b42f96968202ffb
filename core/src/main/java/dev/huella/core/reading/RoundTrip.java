package dev.huella.core.reading;

import dev.huella.core.facts.Value;
import java.util.Map;

/** An object that is written out and at once read in again is copied with all it holds. */
public final class RoundTrip {
    /** What reads, by the operation of the languages' libraries, and what writes. */
    private static final Map<String, String> BACK = Map.of("load", "dump", "loads", "dumps", "unserialize",
            "serialize");
    private static final String COPY = "deepcopy";

    private RoundTrip() {}

    /** The call, or the copy that it comes to. */
    public static Value of(Value.Call call) {
        return !call.arguments().isEmpty() && call.arguments().getFirst() instanceof Value.Call written
                && written.name().equals(BACK.get(call.name())) && !written.arguments().isEmpty()
                        ? new Value.Call(null, COPY, written.arguments().subList(0, 1), call.at())
                        : call;
    }
}
