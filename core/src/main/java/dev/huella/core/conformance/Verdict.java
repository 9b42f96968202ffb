package dev.huella.core.conformance;

import dev.huella.core.molde.PatternDefinition.Obligation;
import dev.huella.core.source.SourceSpan;
import java.util.List;
import java.util.Locale;

/**
 * Whether one instance keeps one obligation.
 *
 * @param why one sentence: how it is kept, how it is broken, or what could not be seen
 * @param places where the sources show it
 */
public record Verdict(Obligation obligation, Kind kind, String why, List<SourceSpan> places) {
    public Verdict {
        places = List.copyOf(places);
    }

    /** Kept, broken, or not to be told from this code. */
    public enum Kind {
        MET, BROKEN, OPEN;

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
