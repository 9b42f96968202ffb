package dev.huella.core.molde.clause;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;

/** Ways of going through a model that several clauses share. */
final class Deeds {
    private Deeds() {}

    static void operations(Model model, Consumer<Operation> each) {
        model.types().forEach(type -> type.operations().forEach(each));
    }

    static <D extends Deed> void each(Model model, Class<D> kind, BiConsumer<Operation, D> each) {
        operations(model, operation -> {
            for (Deed deed : operation.deeds()) {
                if (kind.isInstance(deed)) {
                    each.accept(operation, kind.cast(deed));
                }
            }
        });
    }

    static void fields(Model model, Consumer<Field> each) {
        model.types().forEach(type -> type.fields().forEach(each));
    }

    /** The operation called and all it stands in place of. */
    static List<Operation> targets(Deed.Calls calls) {
        if (calls.callee() == null) {
            return List.of();
        }
        List<Operation> all = new ArrayList<>(calls.callee().overridden());
        all.addFirst(calls.callee());
        return all;
    }

    /** The type itself and, for types without a name, the named ones around it. */
    static List<CodeType> speaking(CodeType type) {
        List<CodeType> all = new ArrayList<>(List.of(type));
        for (CodeType at = type; at.anonymous() && at.outer() != null; at = at.outer()) {
            all.add(at.outer());
        }
        return all;
    }

    /** All types of the sources and those outside that they name. */
    static List<CodeType> allTypes(Model model) {
        List<CodeType> all = new ArrayList<>(model.types());
        all.addAll(model.outside());
        return all;
    }
}
