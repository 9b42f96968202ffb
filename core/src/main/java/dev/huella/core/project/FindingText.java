package dev.huella.core.project;

import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Findings;
import dev.huella.core.conformance.Verdict;
import dev.huella.core.match.NearMiss;
import dev.huella.core.match.Opportunity;
import dev.huella.core.match.PatternInstance;
import dev.huella.core.match.PatternInstance.Fact;
import dev.huella.core.model.CodeType;
import dev.huella.core.source.SourceSpan;
import java.io.IOException;
import java.io.Writer;
import java.util.List;
import java.util.stream.Collectors;

/** Finds and verdicts as text for a person to read, with files and lines. */
public final class FindingText {
    private static final int MOST_PLACES = 3;

    private FindingText() {}

    /** Everything that was found. */
    public static void write(Findings findings, Writer out) throws IOException {
        for (Finding finding : findings.all()) {
            write(finding, out);
            out.write(System.lineSeparator());
        }
        for (NearMiss miss : findings.nearMisses()) {
            out.write("nearly %s: %s%n    %s%n".formatted(miss.pattern().id(), roles(miss.players()), miss.missing()));
        }
        for (Opportunity opportunity : findings.opportunities()) {
            out.write("%s: %s%n    %s  %s%n    one more touches %s; with %s, %s%n".formatted(opportunity.id(),
                    names(opportunity.about()), opportunity.why(), places(opportunity.places()),
                    names(opportunity.touchedTypes()), String.join(" or ", opportunity.suggests()),
                    opportunity.afterwards()));
        }
        long broken = findings.all().stream().mapToLong(finding -> finding.count(Verdict.Kind.BROKEN)).sum();
        long open = findings.all().stream().mapToLong(finding -> finding.count(Verdict.Kind.OPEN)).sum();
        out.write("%d finds, %d near misses, %d opportunities; %d obligations broken, %d open%n".formatted(
                findings.all().size(), findings.nearMisses().size(), findings.opportunities().size(), broken, open));
    }

    /** One find with its facts and verdicts. */
    public static void write(Finding finding, Writer out) throws IOException {
        head(finding.instance(), out);
        for (Fact fact : finding.instance().facts()) {
            out.write("    because %s  %s%n".formatted(fact.text(), places(fact.places())));
        }
        for (Verdict verdict : finding.verdicts()) {
            verdict(verdict, out);
        }
    }

    /** Pattern, form, confidence and players. */
    public static void head(PatternInstance instance, Writer out) throws IOException {
        out.write("%s%s  %.0f of 100%n    %s%n".formatted(instance.pattern().id(),
                instance.variant().isEmpty() ? "" : " (" + instance.variant() + ")", instance.confidence() * 100,
                roles(instance.players())));
    }

    /** One verdict on a line. */
    public static void verdict(Verdict verdict, Writer out) throws IOException {
        out.write("    %-6s %-6s %s: %s  %s%n".formatted(verdict.kind().word(), verdict.obligation().level().word(),
                verdict.obligation().id(), verdict.why(), places(verdict.places())));
    }

    private static String names(List<CodeType> types) {
        return types.stream().map(CodeType::name).distinct().collect(Collectors.joining(", "));
    }

    private static String roles(java.util.Map<String, List<PatternInstance.Player>> players) {
        return players.entrySet()
                .stream()
                .map(role -> role.getKey() + " " + role.getValue()
                        .stream()
                        .map(player -> player.element().name())
                        .distinct()
                        .collect(Collectors.joining(", ")))
                .collect(Collectors.joining("; "));
    }

    /** The first places, as {@code file:line}. */
    public static String places(List<SourceSpan> places) {
        String shown = places.stream()
                .limit(MOST_PLACES)
                .map(place -> place.file() + ":" + place.line())
                .collect(Collectors.joining(" "));
        return places.size() > MOST_PLACES ? shown + " and %d more".formatted(places.size() - MOST_PLACES) : shown;
    }
}
