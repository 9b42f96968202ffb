package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** Makes types that the code does not declare: what a function or an untyped value has to offer at one place. */
final class Shapes {
    private Shapes() {}

    /** What a function must take and give. It has no place until it is known which field or parameter asks for it. */
    static CodeType function(List<TypeUse> parameters, TypeUse result, TypeNames.From from) {
        String language = from.file().facts().language();
        var type = from.slot() == null || from.type() == null
                ? new CodeType("function", "function", TypeKind.FUNCTION, abstractOnes(), null, null, true)
                        .language(language)
                        .asShape()
                : of(from.slot().name(), from.type(), from.slot().at(), TypeKind.FUNCTION);
        List<Parameter> all = new ArrayList<>();
        for (TypeUse parameter : parameters) {
            all.add(new Parameter("p" + all.size(), parameter));
        }
        type.add(promised(type, Value.APPLY, all, result));
        return type;
    }

    /** What is asked of the value that a field or parameter holds. */
    static CodeType of(String name, CodeType home, SourceSpan at, TypeKind kind) {
        return new CodeType(name, home.qualifiedName() + "." + name, kind, abstractOnes(), at, home, true)
                .language(home.language())
                .asShape();
    }

    /** An operation without a body. */
    static Operation promised(CodeType home, String name, List<Parameter> parameters, TypeUse result) {
        var operation = new Operation(home, name, Kind.OPERATION, abstractOnes(), false, home.place());
        operation.signature(List.of(), parameters, result);
        return operation;
    }

    private static Modifiers abstractOnes() {
        return Modifiers.of(Visibility.PUBLIC, Mark.ABSTRACT);
    }

    /** True for the type of a function that no slot has claimed yet. */
    static boolean isFunction(CodeType type) {
        return type != null && type.shape() && type.kind() == TypeKind.FUNCTION;
    }

    /** The type of what is applied. Where a local writes it out anew, or nothing does, it is what the field asks for that it comes from. */
    static CodeType applied(Flow function) {
        CodeType type = function.type().dimensions() > 0 ? null : function.type().erased();
        return type != null && (!isFunction(type) || type.place() != null)
                ? type
                : function.origins()
                        .stream()
                        .map(Shapes::askedFor)
                        .filter(Objects::nonNull)
                        .findFirst()
                        .orElse(type);
    }

    private static CodeType askedFor(Origin origin) {
        return switch (origin) {
            case Origin.OfField(Field field, boolean _) -> askedFor(field.type());
            case Origin.ElementOf(Origin container) -> askedFor(container);
            case Origin.CopyOf(Origin container, boolean _) -> askedFor(container);
            default -> null;
        };
    }

    private static CodeType askedFor(TypeUse kept) {
        return isFunction(kept.type()) && kept.type().place() != null
                ? kept.type()
                : kept.arguments().stream().map(Shapes::askedFor).filter(Objects::nonNull).findFirst().orElse(null);
    }
}
