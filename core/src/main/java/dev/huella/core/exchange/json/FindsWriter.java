package dev.huella.core.exchange.json;

import com.fasterxml.jackson.core.JsonGenerator;
import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Verdict;
import dev.huella.core.match.NearMiss;
import dev.huella.core.match.Opportunity;
import dev.huella.core.match.PatternInstance;
import dev.huella.core.match.PatternInstance.Alternative;
import dev.huella.core.match.PatternInstance.Fact;
import dev.huella.core.match.PatternInstance.Player;
import dev.huella.core.model.CodeType;
import dev.huella.core.molde.Sort;
import java.io.IOException;
import java.io.Writer;
import java.util.List;
import java.util.Map;

/** Writes finds as {@code huella-finds/1}, or verdicts as {@code huella-verdicts/1}. */
public final class FindsWriter {
    private final JsonGenerator json;

    private FindsWriter(JsonGenerator json) {
        this.json = json;
    }

    /**
     * Writes one document; the writer is flushed, not closed.
     *
     * @param format {@code huella-finds/1} or {@code huella-verdicts/1}
     */
    public static void write(String format, List<Finding> found, List<NearMiss> nearMisses,
            List<Opportunity> opportunities, Writer to) throws IOException {
        try (JsonGenerator json = JsonWriting.generator(to)) {
            new FindsWriter(json).document(format, found, nearMisses, opportunities);
        }
    }

    private void document(String format, List<Finding> found, List<NearMiss> nearMisses,
            List<Opportunity> opportunities) throws IOException {
        json.writeStartObject();
        json.writeStringField("format", format);
        json.writeArrayFieldStart("instances");
        for (Finding one : found) {
            instance(one);
        }
        json.writeEndArray();
        json.writeArrayFieldStart("nearMisses");
        for (NearMiss miss : nearMisses) {
            json.writeStartObject();
            json.writeStringField("pattern", miss.pattern().id());
            roles(miss.players());
            json.writeStringField("missing", miss.missing());
            JsonWriting.places(json, miss.places());
            json.writeEndObject();
        }
        json.writeEndArray();
        json.writeArrayFieldStart("opportunities");
        for (Opportunity opportunity : opportunities) {
            opportunity(opportunity);
        }
        json.writeEndArray();
        json.writeEndObject();
    }

    private void opportunity(Opportunity opportunity) throws IOException {
        json.writeStartObject();
        json.writeStringField("id", opportunity.id());
        JsonWriting.strings(json, "suggests", opportunity.suggests());
        JsonWriting.strings(json, "about", opportunity.about().stream().map(CodeType::qualifiedName).toList());
        json.writeStringField("why", opportunity.why());
        JsonWriting.strings(json, "touches", opportunity.touches());
        JsonWriting.strings(json, "touchedTypes",
                opportunity.touchedTypes().stream().map(CodeType::qualifiedName).toList());
        json.writeStringField("afterwards", opportunity.afterwards());
        JsonWriting.places(json, opportunity.places());
        json.writeEndObject();
    }

    private void instance(Finding found) throws IOException {
        PatternInstance instance = found.instance();
        json.writeStartObject();
        json.writeStringField("id", instance.id());
        json.writeStringField("pattern", instance.pattern().id());
        JsonWriting.orNull(json, "variant", instance.variant());
        json.writeNumberField("confidence", instance.confidence());
        JsonWriting.strings(json, "confidenceReasons", instance.reasons());
        roles(instance.players());
        json.writeArrayFieldStart("facts");
        for (Fact fact : instance.facts()) {
            json.writeStartObject();
            json.writeStringField("text", fact.text());
            JsonWriting.places(json, fact.places());
            json.writeEndObject();
        }
        json.writeEndArray();
        json.writeArrayFieldStart("alternatives");
        for (Alternative alternative : instance.alternatives()) {
            json.writeStartObject();
            json.writeStringField("pattern", alternative.pattern());
            json.writeStringField("decidedBy", alternative.decidedBy());
            json.writeEndObject();
        }
        json.writeEndArray();
        json.writeArrayFieldStart("obligations");
        for (Verdict verdict : found.verdicts()) {
            verdict(verdict);
        }
        json.writeEndArray();
        json.writeEndObject();
    }

    private void verdict(Verdict verdict) throws IOException {
        json.writeStartObject();
        json.writeStringField("id", verdict.obligation().id());
        json.writeStringField("level", verdict.obligation().level().word());
        json.writeStringField("verdict", verdict.kind().word());
        json.writeStringField("why", verdict.why());
        JsonWriting.places(json, verdict.places());
        json.writeEndObject();
    }

    private void roles(Map<String, List<Player>> players) throws IOException {
        json.writeObjectFieldStart("roles");
        for (var role : players.entrySet()) {
            json.writeArrayFieldStart(role.getKey());
            for (Player player : role.getValue()) {
                json.writeStartObject();
                json.writeStringField("element", player.element().qualifiedName());
                json.writeStringField("kind", Sort.of(player.element()).word());
                JsonWriting.place(json, "place", player.place());
                json.writeEndObject();
            }
            json.writeEndArray();
        }
        json.writeEndObject();
    }
}
