package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import java.util.List;
import java.util.Objects;

/** What a type does not answer itself is asked of the field that its catch-all asks for whatever it was handed the name of. */
final class HandedOn {
    private HandedOn() {}

    /** Marks such fields, once bodies were read. */
    static void mark(List<CodeType> types) {
        for (CodeType type : types) {
            LibraryKnowledge library = LibraryKnowledge.of(type);
            for (Operation operation : type.operations()) {
                if (operation.hasBody() && library.lists("answersAll", operation.name())) {
                    operation.deeds().forEach(deed -> mark(deed, operation, library));
                }
            }
        }
    }

    private static void mark(Deed deed, Operation all, LibraryKnowledge library) {
        if (!(deed instanceof Deed.Calls calls) || calls.callee() != null) {
            return;
        }
        List<Origin> given = calls.arguments().stream().map(argument -> argument.first()).toList();
        Origin on = calls.receiver().first();
        Origin asked = null;
        if (library.lists("asksByName", calls.name())) {
            boolean first = isName(given, 0, all);
            asked = first ? on : isName(given, 1, all) ? given.getFirst() : null;
        } else if (calls.name().equals(Value.APPLY) && on instanceof Origin.ElementOf(Origin whole)) {
            asked = whole; // the member that the name stands for
        }
        Field field = asked == null ? null : kept(asked, all.home());
        if (field != null) {
            field.mark(Mark.DELEGATE);
        }
    }

    private static boolean isName(List<Origin> given, int at, Operation all) {
        return at < given.size() && given.get(at) instanceof Origin.OfParameter(Operation of, int index) && of == all
                && index == 0;
    }

    /** The field of the object that holds it, or that the object's own operation hands out. */
    private static Field kept(Origin value, CodeType type) {
        return switch (value) {
            case Origin.OfField(Field field, boolean own) when own && field.home() == type -> field;
            case Origin.Result(Operation callee, Origin.Self _) when callee != null && callee.home() == type ->
                callee.deeds()
                        .stream()
                        .filter(Deed.Returns.class::isInstance)
                        .map(deed -> ((Deed.Returns) deed).value())
                        .filter(Objects::nonNull)
                        .flatMap(given -> given.origins().stream())
                        .filter(origin -> origin instanceof Origin.OfField(Field field, boolean own) && own
                                && field.home() == type)
                        .map(origin -> ((Origin.OfField) origin).field())
                        .findFirst()
                        .orElse(null);
            default -> null;
        };
    }
}
