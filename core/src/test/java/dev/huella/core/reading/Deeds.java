package dev.huella.core.reading;

import dev.huella.core.model.Deed;
import java.util.List;

/** What a body reaches, in words for tests. */
final class Deeds {
    private Deeds() {}

    static List<String> targets(Deed deed) {
        return switch (deed) {
            case Deed.Calls calls when calls.callee() != null ->
                List.of(calls.callee().home().name() + "." + calls.callee().name());
            case Deed.Creates creates -> List.of("new " + creates.type().name());
            case Deed.Sets sets -> List.of(sets.field().home().name() + "." + sets.field().name());
            case Deed.AsksKind asks -> List.of("is " + asks.kind().name());
            case Deed.Throws thrown when thrown.type() != null -> List.of("throw " + thrown.type().name());
            default -> List.of();
        };
    }
}
