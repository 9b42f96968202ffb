package dev.huella.core.exchange.packed;

import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Findings;
import dev.huella.core.conformance.Verdict;
import dev.huella.core.match.NearMiss;
import dev.huella.core.match.Opportunity;
import dev.huella.core.match.PatternInstance;
import dev.huella.core.match.PatternInstance.Alternative;
import dev.huella.core.match.PatternInstance.Fact;
import dev.huella.core.match.PatternInstance.Player;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.source.SourceSpan;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Reads what {@link FindingsWriter} wrote. */
public final class FindingsReader extends PackedReader {
    private static final Verdict.Kind[] KINDS = Verdict.Kind.values();
    private final Model model;
    private final Catalogue catalogue;

    private FindingsReader(byte[] bytes, Model model, Catalogue catalogue) {
        super(bytes);
        this.model = model;
        this.catalogue = catalogue;
    }

    /**
     * What was found, in terms of this model and these definitions; null when they are the finds of another state.
     *
     * @param state says which code and definitions are meant
     * @throws RuntimeException when the bytes are no finds, or do not fit this model and these definitions
     */
    public static Findings findings(byte[] bytes, String state, Model model, Catalogue catalogue) {
        var reader = new FindingsReader(bytes, model, catalogue);
        return reader.text().equals(state) ? reader.findings() : null;
    }

    private Findings findings() {
        int elements = number();
        if (elements != model.elements().size()) {
            throw new IllegalArgumentException("these finds are from a model of %d elements, this one has %d"
                    .formatted(elements, model.elements().size()));
        }
        return new Findings(list(this::finding), list(this::nearMiss), list(this::opportunity), list(this::text));
    }

    private Finding finding() {
        PatternDefinition pattern = definition();
        var instance = new PatternInstance(text(), pattern, text(), fraction(), list(this::text), players(),
                list(() -> new Fact(text(), places())), list(() -> new Alternative(text(), text())));
        return new Finding(instance, list(() -> new Verdict(pattern.obligations().get(number()), KINDS[number()],
                text(), places())));
    }

    private NearMiss nearMiss() {
        return new NearMiss(definition(), players(), text(), places());
    }

    private Opportunity opportunity() {
        return new Opportunity(definition(), list(this::type), text(), list(this::type), list(this::text), text(),
                places());
    }

    private PatternDefinition definition() {
        String id = text();
        PatternDefinition definition = catalogue.definition(id);
        if (definition == null) {
            throw new IllegalArgumentException("there is no definition " + id);
        }
        return definition;
    }

    private Map<String, List<Player>> players() {
        Map<String, List<Player>> players = new LinkedHashMap<>();
        list(() -> players.put(text(), list(() -> new Player(element(), place()))));
        return players;
    }

    private Element element() {
        return model.element(number());
    }

    private CodeType type() {
        return (CodeType) element();
    }

    private List<SourceSpan> places() {
        return list(this::place);
    }

    private SourceSpan place() {
        String file = text();
        return file == null ? null : new SourceSpan(file, number(), number(), number(), number());
    }
}
