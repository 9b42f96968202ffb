package dev.huella.core.resolve;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeDeclared;
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
    private final Resolution world;
    private final TypeNames names;
    private final TypeDeclarer declarer;
    private final Map<CodeType, Declared> waiting = new HashMap<>();
    private final Set<CodeType> begun = new HashSet<>();

    HeadResolver(Resolution world) {
        this.world = world;
        this.names = world.names;
        this.declarer = world.declarer;
    }

    /** Supertypes, outer types before inner ones, so that inherited nested types can be found. */
    void supertypes() {
        declarer.all().stream().filter(Declared::first).forEach(declared -> waiting.put(declared.type(), declared));
        declarer.all()
                .stream()
                .filter(Declared::first)
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
        if (declared.first() && !begun.add(type)) {
            return;
        }
        Declared outer = type.outer() == null ? null : waiting.get(type.outer());
        if (outer != null) {
            supertypes(outer);
        }
        String namespace = declared.facts().namespace();
        var variables = variables(type.variables());
        var from = namespace == null
                ? new From(declared.file(), type.outer(), variables,
                        type.outer() == null ? type.namespace() : type.outer().namespace())
                : new From(declared.file(), type.outer(), variables, namespace);
        if (declared.facts().standing() == TypeDeclared.Standing.CHOICE) {
            return; // those it names are below it
        }
        List<TypeUse> found = new ArrayList<>();
        List<TypeText> written = new ArrayList<>(declared.facts().extended());
        written.addAll(declared.facts().realised());
        for (TypeText text : written) {
            TypeUse use = names.use(text, from);
            if (use.type() != null && use.type() != type) {
                if (declared.facts().realised().contains(text) && names.isBare(use.type())) {
                    use.type().isRealised();
                }
                found.add(use);
                Declared above = waiting.get(use.type());
                if (above != null && !declared.facts().anonymous()) {
                    supertypes(above);
                }
                mention(type, use, Mention.Kind.SUPERTYPE, head(declared));
            }
        }
        for (TypeText maker : declared.facts().makers()) {
            TypeUse use = names.use(maker, from);
            if (use.type() != null && !use.type().external()) {
                type.madeBy(use.type());
                mention(type, use, Mention.Kind.OTHER, head(declared));
            }
        }
        if (!declared.first()) {
            List<TypeUse> all = new ArrayList<>(type.supertypes());
            found.stream().filter(use -> all.stream().noneMatch(one -> one.type() == use.type())).forEach(all::add);
            found = all;
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

    /** Fields and signatures of one declaration. */
    void members(Declared declared) {
        CodeType type = declared.type();
        var from = from(declared);
        if (declared.first()) {
            bound(declared.facts().typeParameters(), type.variables(), from);
        }
        List<FieldDeclared> fields = declared.facts().fields();
        for (int i = 0; i < fields.size(); i++) {
            FieldDeclared facts = fields.get(i);
            Field before = declared.first() || facts.type() != null ? null : Members.ownField(type, facts.name());
            if (before != null) { // where fields need no declaration, each part of the type may be seen to use it
                declared.fields()[i] = before;
                continue;
            }
            TypeUse use = names.use(facts.type(), from.at(facts.name(), facts.at()));
            if (facts.modifiers().has(Mark.EVENT) && use.type() != null && use.type().external()
                    && !use.type().shape()) { // the library's function types are not known one by one
                TypeText function = TypeText.as(TypeText.function(List.of(), null), facts.type().toString());
                use = names.use(function, from.at(facts.name(), facts.at()));
            }
            var field = new Field(type, facts.name(), use, facts.modifiers(), facts.kind(), facts.at());
            field.optional(facts.type() != null && facts.type().isOptional());
            declared.fields()[i] = field;
            type.add(field);
            mention(type, use, Mention.Kind.FIELD, facts.at());
        }
        List<OperationDeclared> operations = declared.facts().operations();
        for (int i = 0; i < operations.size(); i++) {
            Operation declaredBefore = declaredBefore(operations.get(i), declared);
            if (declaredBefore != null) {
                declaredBefore.completed();
                declared.operations()[i] = declaredBefore;
            } else {
                declared.operations()[i] = operation(operations.get(i), type, from);
                type.add(declared.operations()[i]);
            }
            PlainBody plain = PlainBody.of(operations.get(i), world.seesMembers(type));
            if (plain != PlainBody.NONE) {
                world.plain.put(declared.operations()[i], plain);
            }
        }
        initialiser(declared, false);
        initialiser(declared, true);
    }

    private static From from(Declared declared) {
        String namespace = declared.facts().namespace();
        return namespace == null || declared.type().outer() != null
                ? new From(declared.file(), declared.type(), Map.of())
                : new From(declared.file(), declared.type(), Map.of(), namespace);
    }

    /** The operation without a body that this one is the body of; null when it stands for itself. */
    private static Operation declaredBefore(OperationDeclared facts, Declared declared) {
        if (facts.body() == null || declared.facts().standing() != TypeDeclared.Standing.EXTENSION) {
            return null;
        }
        List<Operation> same = declared.type()
                .operations()
                .stream()
                .filter(operation -> !operation.hasBody() && operation.kind() == facts.kind()
                        && operation.name().equals(facts.name())
                        && operation.parameters().size() == facts.parameters().size())
                .toList();
        return same.stream()
                .filter(operation -> sameTypes(operation, facts))
                .findFirst()
                .orElse(same.isEmpty() ? null : same.getFirst());
    }

    private static boolean sameTypes(Operation operation, OperationDeclared facts) {
        for (int i = 0; i < facts.parameters().size(); i++) {
            TypeText written = facts.parameters().get(i).type();
            String text = written == null ? "" : written.present().toString().replaceFirst("(\\[\\])+$", "");
            if (!lastName(text).equals(lastName(operation.parameters().get(i).type().text()))) {
                return false;
            }
        }
        return true;
    }

    private static String lastName(String text) {
        int angle = text.indexOf('<');
        String head = angle < 0 ? text : text.substring(0, angle);
        return head.substring(head.lastIndexOf('.') + 1) + (angle < 0 ? "" : text.substring(angle));
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
            TypeUse use = names.use(parameter.type(), from.at(parameter.name(), at));
            parameters.add(new Parameter(parameter.name(), use, parameter.optional()));
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
                .filter(field -> isStatic == field.modifiers().has(Mark.STATIC))
                .findFirst()
                .ifPresent(first -> {
                    var operation = new Operation(declared.type(), isStatic ? "<static fields>" : "<fields>",
                            Kind.INITIALISER, TypeDeclarer.hidden(isStatic), true, first.at());
                    int position = declared.facts().operations().size() + (isStatic ? 1 : 0);
                    declared.operations()[position] = operation;
                    declared.type().add(operation);
                });
    }

    /** Notes every type named in a use, arguments included. */
    static void mention(CodeType type, TypeUse use, Mention.Kind kind, SourceSpan at) {
        if (use.type() != null && use.type() != type) {
            type.add(new Mention(use.type(), kind, at));
        }
        use.arguments().forEach(argument -> mention(type, argument, kind, at));
    }
}
