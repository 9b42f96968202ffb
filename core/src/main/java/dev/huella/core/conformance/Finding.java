package dev.huella.core.conformance;

import dev.huella.core.match.PatternInstance;
import java.util.List;

/** An instance together with the verdicts on it. */
public record Finding(PatternInstance instance, List<Verdict> verdicts) {
    public Finding {
        verdicts = List.copyOf(verdicts);
    }

    /** How many verdicts are of a kind. */
    public long count(Verdict.Kind kind) {
        return verdicts.stream().filter(verdict -> verdict.kind() == kind).count();
    }
}
