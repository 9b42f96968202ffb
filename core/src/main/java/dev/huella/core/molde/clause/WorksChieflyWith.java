package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.source.SourceSpan;
import java.util.LinkedHashMap;
import java.util.Map;

/** {@code <operation> works chiefly with <type>} */
@AutoService(Clause.class)
public final class WorksChieflyWith implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} works chiefly with {type}";
    }

    @Override
    public String meaning() {
        return "Of the calls of other objects of the sources in its body, at least half are calls of that type.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (operation.kind() == Kind.OPERATION) {
                look(operation, into);
            }
        });
    }

    private static void look(Operation operation, Rows into) {
        Map<CodeType, Integer> calls = new LinkedHashMap<>();
        Map<CodeType, SourceSpan> places = new LinkedHashMap<>();
        int all = 0;
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Calls call && call.callee() != null
                    && !call.receiver().anyOf(Origin.Self.class)) {
                CodeType seen = call.receiver().type().erased();
                CodeType called = seen == null ? call.callee().home() : seen;
                if (!called.external() || called == call.callee().home() && !isPlain(operation, called)) {
                    calls.merge(called, 1, Integer::sum);
                    places.putIfAbsent(called, call.at());
                    all++;
                }
            }
        }
        for (var entry : calls.entrySet()) {
            if (2 * entry.getValue() >= all) {
                into.add(places.get(entry.getKey()), operation, entry.getKey());
            }
        }
    }

    private static boolean isPlain(Operation operation, CodeType type) {
        return LibraryKnowledge.of(operation.home()).plain(type);
    }
}
