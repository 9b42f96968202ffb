package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import java.util.ArrayList;
import java.util.List;

/** Where the language hands an interface on to a field, the type has all its operations, each calling the field's. */
final class DelegateResolver {
    private DelegateResolver() {}

    static void resolve(List<CodeType> types, Supertypes supertypes) {
        for (CodeType type : types) {
            for (Field field : List.copyOf(type.fields())) {
                CodeType held = field.type().erased();
                if (field.modifiers().has(Mark.DELEGATE) && held != null) {
                    supertypes.above(type)
                            .stream()
                            .filter(above -> above.kind().promises() && supertypes.isA(held, above))
                            .forEach(above -> handOn(type, field, above));
                }
            }
        }
    }

    private static void handOn(CodeType type, Field field, CodeType promised) {
        for (Operation operation : promised.operations()) {
            boolean own = type.operations()
                    .stream()
                    .anyMatch(there -> there.name().equals(operation.name())
                            && there.parameters().size() == operation.parameters().size());
            if (operation.isAbstract() && operation.kind() == Kind.OPERATION && !own) {
                type.add(handedOn(type, field, operation));
            }
        }
    }

    private static Operation handedOn(CodeType type, Field field, Operation operation) {
        Modifiers modifiers = Modifiers.of(Visibility.PUBLIC, Mark.OVERRIDE);
        for (Mark mark : List.of(Mark.GETTER, Mark.SETTER)) {
            modifiers = operation.modifiers().has(mark) ? modifiers.with(mark) : modifiers;
        }
        var own = new Operation(type, operation.name(), Kind.OPERATION, modifiers, true, field.place());
        own.signature(operation.variables(), operation.parameters(), operation.returns());
        List<Flow> given = new ArrayList<>();
        for (int i = 0; i < own.parameters().size(); i++) {
            given.add(Flow.of(new Origin.OfParameter(own, i), own.parameters().get(i).type()));
        }
        Flow held = Flow.ofOwn(field);
        own.deeds(List.of(
                new Deed.Calls(operation, operation.name(), held, given, true, null, field.place()),
                new Deed.Returns(Flow.of(new Origin.Result(operation, held.first()), operation.returns()), null,
                        field.place())));
        return own;
    }
}
