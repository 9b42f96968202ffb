package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.model.TypeUse;
import dev.huella.core.model.TypeVariable;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The types that functions without a type of their own are given. */
final class MadeFunctions {
    private final Body body;

    MadeFunctions(Body body) {
        this.body = body;
    }

    /** The type of a function that realises what is asked for. {@code holder}: the variable that gets it, or empty. */
    CodeType type(CodeType asked, TypeUse expected, String holder, SourceSpan at) {
        String slot = asked.name();
        String name = holder.isEmpty() ? slot + (body.world.functions.in(body.type).size() + 1) : holder;
        String qualified = holder.isEmpty() || body.operation.kind() == OperationDeclared.Kind.INITIALISER
                ? body.type.qualifiedName() + "." + name
                : body.type.qualifiedName() + "." + body.operation.name() + "." + name;
        var type = new CodeType(name, qualified, TypeKind.FUNCTION, Modifiers.NONE.with(Visibility.PRIVATE), at,
                body.type, true);
        type.language(body.type.language());
        type.within(body.operation);
        type.supertypes(List.of(expected));
        body.world.functions.add(type);
        return type;
    }

    /** Its one operation, as the one that is asked for. {@code function} is null for an operation meant by name. */
    static Operation operation(CodeType type, Operation single, Map<TypeVariable, TypeUse> bindings,
            Value.Function function, SourceSpan at) {
        var operation = new Operation(type, single.name(), OperationDeclared.Kind.OPERATION,
                Modifiers.NONE.with(Visibility.PUBLIC), true, at);
        List<Parameter> parameters = new ArrayList<>();
        for (int i = 0; i < single.parameters().size(); i++) {
            String name = function == null || i >= function.parameters().size()
                    ? "p" + i
                    : function.parameters().get(i).name();
            parameters.add(new Parameter(name, single.parameters().get(i).type().substitute(bindings)));
        }
        operation.signature(List.of(), parameters, single.returns().substitute(bindings));
        type.add(operation);
        return operation;
    }
}
