package dev.huella.core.exchange.packed;

import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Findings;
import dev.huella.core.match.NearMiss;
import dev.huella.core.match.Opportunity;
import dev.huella.core.match.PatternInstance;
import dev.huella.core.match.PatternInstance.Player;
import dev.huella.core.model.Element;
import dev.huella.core.model.Model;
import dev.huella.core.source.SourceSpan;
import java.io.IOException;
import java.util.List;
import java.util.Map;

/**
 * Writes what was found in a model as bytes. Elements are named by their number in the model and definitions by their
 * id, so the bytes mean something only together with a model of the same code and the same definitions.
 */
public final class FindingsWriter extends PackedWriter {

    private FindingsWriter() {}

    /**
     * All that was found.
     *
     * @param state says which code and definitions gave these finds
     */
    public static byte[] bytes(Findings findings, String state, Model model) {
        var writer = new FindingsWriter();
        return writer.bytes(findings, all -> {
            writer.text(state);
            writer.number(model.elements().size());
            writer.list(all.all(), writer::finding);
            writer.list(all.nearMisses(), writer::nearMiss);
            writer.list(all.opportunities(), writer::opportunity);
            writer.list(all.remarks(), writer::text);
        });
    }

    private void finding(Finding finding) throws IOException {
        PatternInstance instance = finding.instance();
        text(instance.pattern().id());
        text(instance.id());
        text(instance.variant());
        fraction(instance.confidence());
        list(instance.reasons(), this::text);
        players(instance.players());
        list(instance.facts(), fact -> {
            text(fact.text());
            places(fact.places());
        });
        list(instance.alternatives(), alternative -> {
            text(alternative.pattern());
            text(alternative.decidedBy());
        });
        list(finding.verdicts(), verdict -> {
            number(instance.pattern().obligations().indexOf(verdict.obligation()));
            number(verdict.kind().ordinal());
            text(verdict.why());
            places(verdict.places());
        });
    }

    private void nearMiss(NearMiss miss) throws IOException {
        text(miss.pattern().id());
        players(miss.players());
        text(miss.missing());
        places(miss.places());
    }

    private void opportunity(Opportunity opportunity) throws IOException {
        text(opportunity.id());
        list(opportunity.about(), this::element);
        text(opportunity.why());
        list(opportunity.touchedTypes(), this::element);
        list(opportunity.touches(), this::text);
        text(opportunity.afterwards());
        places(opportunity.places());
    }

    private void players(Map<String, List<Player>> players) throws IOException {
        list(List.copyOf(players.entrySet()), role -> {
            text(role.getKey());
            list(role.getValue(), player -> {
                element(player.element());
                place(player.place());
            });
        });
    }

    private void element(Element element) throws IOException {
        number(element.id());
    }

    private void places(List<SourceSpan> places) throws IOException {
        list(places, this::place);
    }

    private void place(SourceSpan place) throws IOException {
        text(place == null ? null : place.file());
        if (place != null) {
            number(place.line());
            number(place.column());
            number(place.endLine());
            number(place.endColumn());
        }
    }
}
