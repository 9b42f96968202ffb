package dev.huella.core.reading.kotlin;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;

/** Reads the members of one type, or of a file. */
final class KotlinMembers {
    private final TypeParts into;
    private final boolean isStatic;
    private List<Step> constructor;
    private List<ParameterDeclared> primary = List.of();
    private KotlinBodies bodies;
    private SyntaxNode bodyInDelegate;

    KotlinMembers(TypeParts into, boolean isStatic) {
        this.into = into;
        this.isStatic = isStatic;
    }

    /** Supertypes and the primary constructor. */
    void heads(SyntaxNode node) {
        SyntaxNode list = node.first("primary_constructor");
        List<Step> steps = new ArrayList<>();
        bodies = new KotlinBodies(into.name());
        if (list != null || node.is("class_declaration") && into.kind() != TypeKind.INTERFACE
                && node.children().stream().anyMatch(child -> child.first("constructor_invocation") != null)) {
            constructor = steps;
        }
        if (list != null) {
            primary(list, steps);
        }
        int before = node.start();
        for (SyntaxNode specifier : node.children()) {
            if (specifier.is("delegation_specifier")) {
                if (KotlinMasks.handsOn(node.text(before, specifier.start())) && !into.extended().isEmpty()) {
                    SyntaxNode invoked = specifier.first("constructor_invocation");
                    delegate(into.extended().getLast(), bodies.values().path(specifier, invoked), specifier.span(),
                            steps);
                } else {
                    supertype(specifier, steps);
                }
            }
            before = specifier.end();
        }
    }

    private void supertype(SyntaxNode specifier, List<Step> steps) {
        SyntaxNode invoked = specifier.first("constructor_invocation");
        SyntaxNode delegated = specifier.first("explicit_delegation");
        TypeText type = KotlinTypes.typeIn(invoked != null ? invoked : delegated != null ? delegated : specifier);
        if (type == null) {
            return;
        }
        into.extended().add(type);
        if (invoked != null) {
            steps.add(new Step.Do(new Value.Construct(true, bodies.arguments(invoked.first("value_arguments")),
                    invoked.span()), invoked.span()));
        } else if (delegated != null) {
            SyntaxNode value = delegated.children().getLast();
            SyntaxNode swallowed = swallowed(value);
            if (swallowed != null) {
                bodyInDelegate = swallowed;
                value = value.children().getFirst();
            }
            delegate(type, bodies.value(value), value.span(), steps);
        }
    }

    /** The grammar takes the body behind {@code by value} for a function handed to the value; null when it did not. */
    private static SyntaxNode swallowed(SyntaxNode value) {
        SyntaxNode suffix = value.is("call_expression") ? value.first("call_suffix") : null;
        SyntaxNode lambda = suffix == null || suffix.first("annotated_lambda") == null
                ? null
                : suffix.first("annotated_lambda").first("lambda_literal");
        return lambda == null || suffix.children().size() > 1 ? null : lambda;
    }

    /** {@code : Type by value}: the value is kept, and all of the type is handed on to it. */
    private void delegate(TypeText type, Value value, SourceSpan at, List<Step> steps) {
        String name = value instanceof Value.Name variable ? variable.name() : "delegate";
        for (int i = 0; i < into.fields().size(); i++) {
            FieldDeclared field = into.fields().get(i);
            if (field.name().equals(name)) {
                into.fields()
                        .set(i, new FieldDeclared(name, field.type(), field.modifiers().with(Mark.DELEGATE),
                                field.kind(), field.initial(), field.inner(), field.at()));
                return;
            }
        }
        Modifiers modifiers = Modifiers.of(Visibility.PRIVATE, Mark.FINAL, Mark.DELEGATE);
        if (constructor == null) {
            into.fields()
                    .add(new FieldDeclared(name, type, modifiers, FieldDeclared.Kind.FIELD, value, bodies.inner(), at));
            return;
        }
        into.fields().add(new FieldDeclared(name, type, modifiers, FieldDeclared.Kind.FIELD, null, List.of(), at));
        steps.add(set(name, value, at));
    }

    private static Step set(String field, Value value, SourceSpan at) {
        return new Step.Do(new Value.Assign(new Value.Member(new Value.Self(null, at), field, at), value, true, at),
                at);
    }

    private void primary(SyntaxNode list, List<Step> steps) {
        steps.addAll(new KotlinBodies(into.name()).defaults(list));
        List<ParameterDeclared> parameters = new ArrayList<>();
        for (SyntaxNode child : list.children()) {
            SyntaxNode name = child.first("simple_identifier");
            if (!child.is("class_parameter") || name == null) {
                continue;
            }
            SyntaxNode words = child.first("modifiers");
            boolean many = words != null && words.children().stream().anyMatch(word -> word.text().equals("vararg"));
            TypeText written = KotlinTypes.typeIn(child);
            TypeText type = many && written != null ? written.array(1) : written;
            boolean optional = many || child.tokens().stream().anyMatch(token -> token.is("="));
            parameters.add(new ParameterDeclared(name.text(), type, optional));
            SyntaxNode kept = child.first("binding_pattern_kind");
            if (kept != null) {
                Modifiers modifiers = ofField(opened(KotlinTypes.modifiers(child, into.kind())));
                into.fields()
                        .add(new FieldDeclared(name.text(), type, kept.text().equals("val")
                                ? modifiers.with(Mark.FINAL)
                                : modifiers, FieldDeclared.Kind.FIELD, null, List.of(), child.span()));
                steps.add(set(name.text(), new Value.Name(name.text(), child.span()), child.span()));
            }
        }
        primary = parameters;
        constructor = steps;
    }

    void members(SyntaxNode node) {
        SyntaxNode body = node.first("class_body") != null ? node.first("class_body") : node.first("enum_class_body");
        List<SyntaxNode> all = KotlinTypes.flat(body != null ? body : statements());
        for (int i = 0; i < all.size(); i++) {
            member(all.get(i), all, i);
        }
        if (constructor != null) {
            SyntaxNode list = node.first("primary_constructor");
            Modifiers modifiers = list == null ? KotlinTypes.PUBLIC : KotlinTypes.modifiers(list, null);
            into.operations()
                    .addFirst(new OperationDeclared(into.name(), Kind.CONSTRUCTOR,
                            into.kind() == TypeKind.ENUM ? modifiers.with(Visibility.PRIVATE) : modifiers, List.of(),
                            primary,
                            null, constructor, bodies.inner(), list == null ? node.span() : list.span()));
        }
    }

    private SyntaxNode statements() {
        return bodyInDelegate == null ? null : bodyInDelegate.first("statements");
    }

    /** One member; accessors of a property may stand behind it as siblings of their own. */
    void member(SyntaxNode member, List<SyntaxNode> siblings, int position) {
        switch (member.kind()) {
            case "property_declaration" -> property(member, siblings, position);
            case "function_declaration" -> operation(member);
            case "secondary_constructor" -> secondary(member);
            case "anonymous_initializer" -> initialiser(member);
            case "companion_object" -> companion(member);
            case "enum_entry" -> entry(member);
            default -> {
                if (KotlinTypes.isType(member)) {
                    into.nested().add(KotlinTypes.declared(member, into.kind()));
                }
            }
        }
    }

    /** Members of the companion belong to the type as its static ones; a companion with supertypes is a type as well. */
    private void companion(SyntaxNode node) {
        if (node.first("delegation_specifier") != null) {
            into.nested().add(KotlinTypes.declared(node, into.kind()));
            return;
        }
        var own = new TypeParts(into.kind() == TypeKind.INTERFACE ? TypeKind.CLASS : into.kind(), into.name());
        var members = new KotlinMembers(own, true);
        List<SyntaxNode> all = KotlinTypes.flat(node.first("class_body"));
        for (int i = 0; i < all.size(); i++) {
            members.member(all.get(i), all, i);
        }
        into.fields().addAll(own.fields());
        into.operations().addAll(own.operations());
        into.nested().addAll(own.nested());
    }

    private void entry(SyntaxNode node) {
        String name = node.first("simple_identifier").text();
        var own = new KotlinBodies(into.name());
        SyntaxNode body = node.first("class_body");
        TypeDeclared inner = body == null
                ? null
                : own.anonymous(node, body, List.of(TypeText.of(into.name())), name, null);
        Value made = new Value.Create(TypeText.of(into.name()), own.arguments(node.first("value_arguments")), inner,
                node.span());
        into.fields()
                .add(new FieldDeclared(name, TypeText.of(into.name()),
                        KotlinTypes.PUBLIC.with(Mark.STATIC).with(Mark.FINAL),
                        FieldDeclared.Kind.CONSTANT, made, own.inner(), node.span()));
    }

    private Modifiers opened(Modifiers modifiers) {
        Modifiers plain = Modifiers.of(modifiers.visibility());
        for (Mark mark : modifiers.marks()) {
            plain = mark == Mark.DEFAULT ? plain : plain.with(mark);
        }
        boolean open = modifiers.has(Mark.DEFAULT) || modifiers.has(Mark.ABSTRACT) || modifiers.has(Mark.OVERRIDE)
                || into.kind() == TypeKind.INTERFACE || isStatic;
        plain = open ? plain : plain.with(Mark.FIXED);
        return isStatic ? plain.with(Mark.STATIC) : plain;
    }

    private static Modifiers ofField(Modifiers modifiers) {
        Modifiers plain = Modifiers.of(modifiers.visibility());
        for (Mark mark : modifiers.marks()) {
            plain = mark == Mark.FIXED ? plain : plain.with(mark);
        }
        return plain;
    }

    private void initialiser(SyntaxNode node) {
        if (constructor != null) {
            constructor.addAll(bodies.block(node));
            return;
        }
        var own = new KotlinBodies(into.name());
        into.operations()
                .add(new OperationDeclared(isStatic ? "<static>" : "<init>", Kind.INITIALISER,
                        isStatic ? Modifiers.of(Visibility.PRIVATE, Mark.STATIC) : Modifiers.of(Visibility.PRIVATE),
                        List.of(),
                        List.of(), null, own.block(node), own.inner(), node.span()));
    }

    private void secondary(SyntaxNode node) {
        var own = new KotlinBodies(into.name());
        List<Step> steps = new ArrayList<>();
        SyntaxNode first = node.first("constructor_delegation_call");
        if (first != null) {
            boolean above = first.tokens().stream().anyMatch(token -> token.is("super"));
            steps.add(
                    new Step.Do(new Value.Construct(above, own.arguments(first.first("value_arguments")), first.span()),
                            first.span()));
        }
        SyntaxNode body = node.first("statements");
        steps.addAll(body == null ? List.of() : own.steps(body));
        into.operations()
                .add(new OperationDeclared(into.name(), Kind.CONSTRUCTOR, KotlinTypes.modifiers(node, null),
                        List.of(), parameters(node.first("function_value_parameters")), null, steps, own.inner(),
                        node.span()));
    }

    private void operation(SyntaxNode node) {
        SyntaxNode name = node.first("simple_identifier");
        if (name == null) {
            return;
        }
        SyntaxNode body = node.first("function_body");
        Modifiers modifiers = opened(KotlinTypes.modifiers(node, into.kind()));
        boolean promised = body == null && (into.kind() == TypeKind.INTERFACE || modifiers.has(Mark.ABSTRACT));
        var own = new KotlinBodies(into.name());
        into.operations()
                .add(new OperationDeclared(name.text(), Kind.OPERATION,
                        promised ? modifiers.with(Mark.ABSTRACT) : modifiers, KotlinTypes.typeParameters(node),
                        parameters(node.first("function_value_parameters")), returned(node), body == null
                                ? null
                                : withDefaults(node.first("function_value_parameters"), own, own.body(body)),
                        own.inner(), node.span()));
    }

    private static List<Step> withDefaults(SyntaxNode parameters, KotlinBodies bodies, List<Step> steps) {
        List<Step> all = new ArrayList<>(bodies.defaults(parameters));
        all.addAll(steps);
        return all;
    }

    /** The type behind the parameters, not the one before the name. */
    private static TypeText returned(SyntaxNode node) {
        boolean behind = false;
        for (SyntaxNode child : node.children()) {
            behind |= child.is("function_value_parameters");
            if (behind && KotlinTypes.isTypeNode(child)) {
                return TypeText.as(KotlinTypes.type(child), child.text());
            }
        }
        return node.first("function_body") != null && node.first("function_body")
                .tokens()
                .stream()
                .anyMatch(token -> token.is("=")) ? null : TypeText.of("void");
    }

    static List<ParameterDeclared> parameters(SyntaxNode list) {
        List<ParameterDeclared> found = new ArrayList<>();
        boolean many = false;
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.tokens()) {
            if (child.is("parameter_modifiers")) {
                many = child.text().contains("vararg");
            } else if (child.is("parameter") || child.is("parameter_with_optional_type")) {
                SyntaxNode name = child.first("simple_identifier");
                TypeText type = KotlinTypes.typeIn(child);
                found.add(new ParameterDeclared(name == null ? "" : name.text(), many && type != null
                        ? type.array(1)
                        : type, many));
                many = false;
            } else if (child.is("=") && !found.isEmpty()) {
                ParameterDeclared last = found.removeLast();
                found.add(new ParameterDeclared(last.name(), last.type(), true));
            }
        }
        return found;
    }

    private void property(SyntaxNode node, List<SyntaxNode> siblings, int position) {
        SyntaxNode declared = node.first("variable_declaration");
        if (declared == null) {
            return;
        }
        String name = declared.first("simple_identifier").text();
        List<SyntaxNode> accessors = new ArrayList<>();
        node.children().stream().filter(KotlinMembers::isAccessor).forEach(accessors::add);
        for (int i = position + 1; i < siblings.size() && isAccessor(siblings.get(i)); i++) {
            accessors.add(siblings.get(i));
        }
        TypeText type = KotlinTypes.typeIn(declared);
        Modifiers modifiers = opened(KotlinTypes.modifiers(node, into.kind()));
        SyntaxNode initial = KotlinBodies.initial(node);
        SyntaxNode by = node.first("property_delegate");
        boolean computed = accessors.stream().anyMatch(one -> one.is("getter") && one.first("function_body") != null);
        boolean promised = into.kind() == TypeKind.INTERFACE || modifiers.has(Mark.ABSTRACT);
        boolean reads = node.first("binding_pattern_kind") != null
                && node.first("binding_pattern_kind").text().equals("val");
        for (SyntaxNode accessor : accessors) {
            accessor(accessor, name, type, modifiers);
        }
        if (promised && !computed) {
            into.operations()
                    .add(new OperationDeclared(name, Kind.OPERATION,
                            modifiers.with(Mark.ABSTRACT).with(Mark.GETTER), List.of(), List.of(), type, null,
                            List.of(),
                            node.span()));
        } else if (!computed || initial != null) {
            Modifiers full = reads ? modifiers.with(Mark.FINAL) : modifiers;
            held(node, name, type, by == null ? full : full.with(Mark.LAZY), by == null ? initial : by);
        }
    }

    private void held(SyntaxNode node, String name, TypeText type, Modifiers modifiers, SyntaxNode initial) {
        boolean inConstructor = constructor != null && !isStatic;
        var own = inConstructor ? bodies : new KotlinBodies(into.name());
        Value value = initial == null ? null : own.heldBy(name, initial);
        boolean late = value != null && inConstructor;
        TypeText told = type == null ? KotlinTypes.told(value) : type;
        into.fields()
                .add(new FieldDeclared(name, told, ofField(modifiers), FieldDeclared.Kind.FIELD, late ? null : value,
                        inConstructor ? List.of() : own.inner(), node.span()));
        if (late) {
            constructor.add(set(name, value, node.span()));
        }
    }

    private static boolean isAccessor(SyntaxNode node) {
        return node.is("getter") || node.is("setter");
    }

    private void accessor(SyntaxNode node, String name, TypeText type, Modifiers modifiers) {
        SyntaxNode body = node.first("function_body");
        if (body == null) {
            return;
        }
        boolean getter = node.is("getter");
        var own = new KotlinBodies(into.name()).accessorOf(name);
        List<ParameterDeclared> parameters = new ArrayList<>();
        if (!getter) {
            SyntaxNode parameter = node.first("parameter_with_optional_type");
            parameters.add(new ParameterDeclared(parameter == null ? "value" : parameter.children().getFirst().text(),
                    type));
        }
        into.operations()
                .add(new OperationDeclared(name, Kind.OPERATION,
                        modifiers.with(getter ? Mark.GETTER : Mark.SETTER), List.of(), parameters, getter ? type : null,
                        own.body(body), own.inner(), node.span()));
    }
}
