package dev.huella.core.resolve;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeDeclared.TypeParameterDeclared;
import dev.huella.core.facts.TypeText;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.model.TypeUse;
import dev.huella.core.model.TypeVariable;
import dev.huella.core.resolve.TypeDeclarer.Declared;
import dev.huella.core.resolve.TypeNames.From;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Second pass: supertypes of all types, then the types of fields and the signatures of operations. */
final class HeadResolver {
    private final TypeNames names;
    private final TypeDeclarer declarer;
    private final Map<CodeType, Declared> waiting = new HashMap<>();
    private final Set<CodeType> begun = new HashSet<>();

    HeadResolver(TypeNames names, TypeDeclarer declarer) {
        this.names = names;
        this.declarer = declarer;
    }

    /** Supertypes, outer types before inner ones, so that inherited nested types can be found. */
    void supertypes() {
        declarer.all().forEach(declared -> waiting.put(declared.type(), declared));
        declarer.all()
                .forEach(declared -> declared.type()
                        .variables(declared.facts()
                                .typeParameters()
                                .stream()
                                .map(parameter -> new TypeVariable(parameter.name()))
                                .toList()));
        declarer.all().forEach(this::supertypes);
    }

    private void supertypes(Declared declared) {
        CodeType type = declared.type();
        if (!begun.add(type)) {
            return;
        }
        Declared outer = type.outer() == null ? null : waiting.get(type.outer());
        if (outer != null) {
            supertypes(outer);
        }
        var from = new From(declared.file(), type.outer(), variables(type.variables()));
        List<TypeUse> found = new ArrayList<>();
        List<TypeText> written = new ArrayList<>(declared.facts().extended());
        written.addAll(declared.facts().realised());
        for (TypeText text : written) {
            TypeUse use = names.use(text, from);
            if (use.type() != null && use.type() != type) {
                found.add(use);
                Declared above = waiting.get(use.type());
                if (above != null && !declared.facts().anonymous()) {
                    supertypes(above);
                }
                mention(type, use, Mention.Kind.SUPERTYPE, head(declared));
            }
        }
        type.supertypes(found);
    }

    private static SourceSpan head(Declared declared) {
        SourceSpan at = declared.facts().at();
        return new SourceSpan(at.file(), at.line(), at.column(), at.line(), at.column());
    }

    private static Map<String, TypeVariable> variables(List<TypeVariable> all) {
        Map<String, TypeVariable> byName = new HashMap<>();
        all.forEach(variable -> byName.put(variable.name(), variable));
        return byName;
    }

    /** Fields and signatures of one type. */
    void members(Declared declared) {
        CodeType type = declared.type();
        var from = new From(declared.file(), type, Map.of());
        bound(declared.facts().typeParameters(), type.variables(), from);
        for (FieldDeclared facts : declared.facts().fields()) {
            TypeUse use = names.use(facts.type(), from);
            type.add(new Field(type, facts.name(), use, facts.modifiers(), facts.kind(), facts.at()));
            mention(type, use, Mention.Kind.FIELD, facts.at());
        }
        for (OperationDeclared facts : declared.facts().operations()) {
            type.add(operation(facts, type, from));
        }
        initialiser(declared, false);
        initialiser(declared, true);
    }

    private Operation operation(OperationDeclared facts, CodeType type, From outside) {
        var operation = new Operation(type, facts.name(), facts.kind(), facts.modifiers(), facts.body() != null,
                facts.at());
        List<TypeVariable> variables = facts.typeParameters()
                .stream()
                .map(parameter -> new TypeVariable(parameter.name()))
                .toList();
        var from = new From(outside.file(), type, variables(variables));
        bound(facts.typeParameters(), variables, from);
        List<Parameter> parameters = new ArrayList<>();
        SourceSpan at = firstLine(facts.at());
        for (var parameter : facts.parameters()) {
            TypeUse use = names.use(parameter.type(), from);
            parameters.add(new Parameter(parameter.name(), use));
            mention(type, use, Mention.Kind.PARAMETER, at);
        }
        TypeUse returns = names.use(facts.returns(), from);
        mention(type, returns, Mention.Kind.RESULT, at);
        operation.signature(variables, parameters, returns);
        return operation;
    }

    private static SourceSpan firstLine(SourceSpan at) {
        return new SourceSpan(at.file(), at.line(), at.column(), at.line(), at.column());
    }

    private void bound(List<TypeParameterDeclared> facts, List<TypeVariable> variables, From from) {
        for (int i = 0; i < facts.size(); i++) {
            variables.get(i)
                    .bound(facts.get(i)
                            .bounds()
                            .stream()
                            .map(bound -> names.use(bound, from))
                            .filter(use -> !use.isUnknown())
                            .toList());
        }
    }

    /** Initial values of fields are the body of an operation of their own. */
    private static void initialiser(Declared declared, boolean isStatic) {
        declared.facts()
                .fields()
                .stream()
                .filter(field -> field.initial() != null)
                .filter(field -> isStatic == field.modifiers().has(dev.huella.core.facts.Modifiers.Mark.STATIC))
                .findFirst()
                .ifPresent(first -> declared.type()
                        .add(new Operation(declared.type(),
                                isStatic ? "<static fields>" : "<fields>", Kind.INITIALISER,
                                TypeDeclarer.hidden(isStatic), true,
                                first.at())));
    }

    /** Notes every type named in a use, arguments included. */
    static void mention(CodeType type, TypeUse use, Mention.Kind kind, SourceSpan at) {
        if (use.type() != null && use.type() != type) {
            type.add(new Mention(use.type(), kind, at));
        }
        use.arguments().forEach(argument -> mention(type, argument, kind, at));
    }
}
