package dev.huella.core.match;

import dev.huella.core.match.PatternInstance.Player;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.source.SourceSpan;
import java.util.List;
import java.util.Map;

/** All but one of the facts hold. {@code missing} names the one that does not. */
public record NearMiss(PatternDefinition pattern, Map<String, List<Player>> players, String missing,
        List<SourceSpan> places) {
    public NearMiss {
        places = List.copyOf(places);
    }
}
