package dev.huella.core.molde.clause;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.source.SourceSpan;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;

/** How objects are copied from outside, field by field. */
final class CopyingByHand {
    private CopyingByHand() {}

    /** Told of each operation that makes an object of a type from the fields of another of that type. */
    @FunctionalInterface
    interface ByHand {
        void copied(Operation operation, CodeType type, Set<Field> lost, SourceSpan at);
    }

    static void each(Model model, ByHand to) {
        var copying = new Copying(model);
        Deeds.operations(model, operation -> {
            Map<CodeType, Set<Field>> read = new HashMap<>();
            Map<CodeType, SourceSpan> made = new HashMap<>();
            for (Deed deed : operation.deeds()) {
                if (deed instanceof Deed.Creates creates && !creates.type().external()
                        && operation.home() != creates.type()) {
                    made.putIfAbsent(creates.type(), creates.at());
                    creates.arguments().forEach(argument -> taken(argument, creates.type(), read));
                }
            }
            for (Deed deed : operation.deeds()) {
                switch (deed) {
                    case Deed.Sets sets when !sets.own() && made.containsKey(sets.field().home()) ->
                        taken(sets.value(), sets.field().home(), read);
                    case Deed.Calls calls when calls.receiver().first() instanceof Origin.Fresh(CodeType type) ->
                        calls.arguments().forEach(argument -> taken(argument, type, read));
                    default -> {
                        // nothing is set on the new object
                    }
                }
            }
            read.forEach((type, fields) -> {
                if (fields.size() > 1 && made.containsKey(type)) {
                    Set<Field> lost = new LinkedHashSet<>(Copying.fields(type));
                    lost.removeAll(fields);
                    lost.removeIf(field -> !copying.carriesState(field));
                    to.copied(operation, type, lost, made.get(type));
                }
            });
        });
    }

    private static void taken(Flow value, CodeType type, Map<CodeType, Set<Field>> read) {
        for (Origin origin : value.origins()) {
            Field field = switch (origin) {
                case Origin.OfField(Field of, boolean own) when !own -> of;
                case Origin.CopyOf(Origin.OfField(Field of, boolean own), boolean _) when !own -> of;
                case Origin.Result(Operation getter, Origin receiver) when getter != null && receiver != null
                        && !(receiver instanceof Origin.Self) && getter.parameters().isEmpty() ->
                    reported(getter);
                default -> null;
            };
            if (field != null && Copying.fields(type).contains(field)) {
                read.computeIfAbsent(type, key -> new LinkedHashSet<>()).add(field);
            }
        }
    }

    private static Field reported(Operation getter) {
        return Bodies.reports(getter)
                ? Origins.returned(getter)
                        .stream()
                        .flatMap(flow -> flow.origins().stream())
                        .map(Origins::field)
                        .filter(field -> field != null)
                        .findFirst()
                        .orElse(null)
                : null;
    }
}
