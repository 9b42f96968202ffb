package dev.huella.core.conformance;

import dev.huella.core.match.NearMiss;
import dev.huella.core.match.Opportunity;
import java.util.List;

/**
 * All finds of one run.
 *
 * @param remarks definitions that were stopped, in words
 */
public record Findings(List<Finding> all, List<NearMiss> nearMisses, List<Opportunity> opportunities,
        List<String> remarks) {
    public static final Findings NONE = new Findings(List.of(), List.of(), List.of(), List.of());

    public Findings {
        all = List.copyOf(all);
        nearMisses = List.copyOf(nearMisses);
        opportunities = List.copyOf(opportunities);
        remarks = List.copyOf(remarks);
    }
}
