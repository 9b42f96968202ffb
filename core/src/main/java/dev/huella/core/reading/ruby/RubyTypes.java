package dev.huella.core.reading.ruby;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeDeclared.Standing;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.Set;

/** Reads one class or module with its members. */
final class RubyTypes {
    static final Modifiers PUBLIC = Modifiers.of(Visibility.PUBLIC);
    static final Modifiers PRIVATE = Modifiers.of(Visibility.PRIVATE);
    private static final Map<String, Visibility> VISIBILITIES = Map.of("private", Visibility.PRIVATE, "protected",
            Visibility.PROTECTED, "public", Visibility.PUBLIC);
    private static final Set<String> NESTING = Set.of("class", "module", "singleton_class");
    private final TypeParts into;
    private final Map<String, Visibility> named = new HashMap<>();
    private Visibility current = Visibility.PUBLIC;
    private boolean moduleFunctions;
    private static final Pattern EVALUATED = Pattern.compile("\\b(?:instance_eval|instance_exec)\\b.*&\\w+");
    final List<SyntaxNode> done = new ArrayList<>(); // what the class asks for while it is read
    /** True when the base is one of the library's that hand on to an object they keep. */
    private boolean delegator;
    private boolean closed;
    private Map<String, RubyPools.Pool> pools = Map.of();

    RubyTypes(TypeParts into) {
        this.into = into;
    }

    TypeParts into() {
        return into;
    }

    /** A class, or a module; modules that only hold other types are namespaces. */
    static void declared(SyntaxNode node, String namespace, List<TypeDeclared> types) {
        String name = node.child("name").text().replace("::", ".");
        name = name.startsWith(".") ? name.substring(1) : name;
        String whole = namespace.isEmpty() ? name : namespace + "." + name;
        SyntaxNode body = node.child("body");
        if (node.is("module") && isNamespace(body)) {
            for (SyntaxNode child : body == null ? List.<SyntaxNode>of() : body.children()) {
                if (child.is("class") || child.is("module")) {
                    declared(child, whole, types);
                } else {
                    TypeDeclared made = RubyMacros.typeOf(child, whole);
                    if (made != null) {
                        types.add(made);
                    }
                }
            }
            return;
        }
        int dot = whole.lastIndexOf('.');
        types.add(new RubyTypes(new TypeParts(node.is("module") ? TypeKind.MODULE : TypeKind.CLASS,
                whole.substring(dot + 1))).type(node, body, dot < 0 ? "" : whole.substring(0, dot)));
    }

    private static boolean isNamespace(SyntaxNode body) {
        return body == null || body.children()
                .stream()
                .allMatch(child -> NESTING.contains(child.kind()) && !child.is("singleton_class")
                        || child.is("assignment") || child.is("call") && child.text().startsWith("autoload"))
                && body.children().stream().anyMatch(child -> NESTING.contains(child.kind()));
    }

    private TypeDeclared type(SyntaxNode node, SyntaxNode body, String namespace) {
        SyntaxNode above = node.child("superclass");
        if (above != null && !above.children().isEmpty()) {
            superclass(above.children().getFirst());
        }
        pools = RubyPools.in(body);
        members(body);
        return finished().namespace(namespace).at(node);
    }

    private void superclass(SyntaxNode base) {
        delegator = base.text().matches("(Simple)?Delegator|DelegateClass\\(.*\\)");
        if (base.is("constant") || base.is("scope_resolution")) {
            into.extended().add(RubyMacros.type(base));
        } else if (base.is("call")) {
            RubyMacros.structure(base, this);
        }
    }

    /** The parts with what is only known at the end. */
    TypeParts finished() {
        if (!done.isEmpty()) {
            into.operations().add(RubyBodies.whileRead(into.name(), done));
        }
        if (closed) {
            boolean constructed = into.operations().stream().anyMatch(one -> one.kind() == Kind.CONSTRUCTOR);
            if (constructed) {
                into.operations().replaceAll(one -> one.kind() == Kind.CONSTRUCTOR ? hidden(one) : one);
            } else if (!into.operations().isEmpty()) {
                into.operations()
                        .addFirst(new OperationDeclared(into.name(), Kind.CONSTRUCTOR, PRIVATE, List.of(),
                                List.of(), null, List.of(), List.of(), into.operations().getFirst().at()));
            }
        }
        if (delegator) {
            held();
        }
        into.fields() // what reads it was hidden
                .replaceAll(field -> named.containsKey(field.name())
                        ? field.with(named.get(field.name()))
                        : field);
        into.operations()
                .replaceAll(one -> named.containsKey(one.name()) && one.kind() == Kind.OPERATION
                        ? with(one, one.modifiers().with(named.get(one.name())))
                        : one);
        return into.modifiers(PUBLIC).standing(Standing.PART);
    }

    /** The library's base keeps one object and hands on to it all that the type does not answer itself. */
    private void held() {
        SourceSpan at = into.operations().isEmpty() ? null : into.operations().getFirst().at();
        if (at == null) {
            return;
        }
        into.fields()
                .add(new FieldDeclared(RubyBodies.HELD, null, PRIVATE.with(Mark.DELEGATE), FieldDeclared.Kind.FIELD,
                        null,
                        List.of(), at));
        if (into.operations().stream().noneMatch(one -> one.kind() == Kind.CONSTRUCTOR)) {
            into.operations()
                    .addFirst(new OperationDeclared(into.name(), Kind.CONSTRUCTOR, PUBLIC, List.of(),
                            List.of(new ParameterDeclared("object", null)), null,
                            List.of(new Step.Do(RubyBodies.keeps(new Value.Name("object", at), at), at)), List.of(),
                            at));
        }
    }

    private static OperationDeclared hidden(OperationDeclared one) {
        return with(one, PRIVATE);
    }

    private static OperationDeclared with(OperationDeclared one, Modifiers modifiers) {
        return new OperationDeclared(one.name(), one.kind(), modifiers, one.typeParameters(), one.parameters(),
                one.returns(), one.body(), one.inner(), one.at());
    }

    void members(SyntaxNode body) {
        if (body == null) {
            return;
        }
        for (SyntaxNode member : body.children()) {
            member(member);
        }
    }

    private void member(SyntaxNode member) {
        switch (member.kind()) {
            case "method" -> operation(member, moduleFunctions);
            case "singleton_method" -> operation(member, true);
            case "singleton_class" -> ofClass(member.child("body"));
            case "class", "module" -> {
                List<TypeDeclared> found = new ArrayList<>();
                declared(member, "", found);
                found.forEach(one -> into.nested().add(nested(one)));
            }
            case "identifier" -> word(member.text());
            case "call" -> RubyMacros.call(member, this);
            case "if_modifier", "unless_modifier" -> member(member.child("body"));
            case "assignment", "operator_assignment" -> assignment(member);
            case "alias" ->
                alias(RubyMacros.symbol(member.child("name")), RubyMacros.symbol(member.child("alias")), member);
            default -> {
                // other statements in a class body have no structure
            }
        }
    }

    /** A type in a type takes its namespace from it. */
    private static TypeDeclared nested(TypeDeclared one) {
        String inner = one.namespace() == null || one.namespace().isEmpty() ? "" : one.namespace() + ".";
        return new TypeDeclared(inner + one.name(), one.anonymous(), one.kind(), one.modifiers(), one.typeParameters(),
                one.extended(), one.realised(), one.fields(), one.operations(), one.nested(), one.at(),
                one.unreadable(), one.standing(), null, one.makers());
    }

    private void ofClass(SyntaxNode body) {
        Visibility before = current;
        current = Visibility.PUBLIC;
        for (SyntaxNode member : body == null ? List.<SyntaxNode>of() : body.children()) {
            switch (member.kind()) {
                case "method" -> operation(member, true);
                case "identifier" -> word(member.text());
                case "call" -> asked(member, member.child("method").text(), member.child("arguments"));
                case "alias" ->
                    alias(RubyMacros.symbol(member.child("name")), RubyMacros.symbol(member.child("alias")), member);
                default -> {
                    // nothing else adds members
                }
            }
        }
        current = before;
    }

    /** What is said of the operations that the type itself has. */
    private void asked(SyntaxNode call, String name, SyntaxNode arguments) {
        if (name.equals("private") && arguments != null && arguments.text().contains(":new")) {
            closed = true;
        }
        if (name.startsWith("attr_")) {
            RubyMacros.attributes(call, this, true);
        } else if (VISIBILITIES.containsKey(name)) {
            visibility(arguments, VISIBILITIES.get(name), true);
        }
    }

    private void word(String word) {
        current = VISIBILITIES.getOrDefault(word, current);
        if (word.equals("module_function")) {
            moduleFunctions();
        }
    }

    /** What follows is called on the module itself. */
    void moduleFunctions() {
        moduleFunctions = true;
    }

    Visibility current() {
        return current;
    }

    /** {@code mark def name … end} */
    void marked(SyntaxNode arguments) {
        for (SyntaxNode argument : arguments == null ? List.<SyntaxNode>of() : arguments.children()) {
            if (argument.is("method") || argument.is("singleton_method")) {
                operation(argument, argument.is("singleton_method"));
            }
        }
    }

    /** Sets the visibility of operations by their names, or of one declared right here. */
    void visibility(SyntaxNode arguments, Visibility visibility, boolean ofClass) {
        for (SyntaxNode argument : arguments == null ? List.<SyntaxNode>of() : arguments.children()) {
            if (argument.is("method") || argument.is("singleton_method")) {
                Visibility before = current;
                current = visibility;
                operation(argument, ofClass || argument.is("singleton_method"));
                current = before;
            } else if (argument.is("call")) {
                RubyMacros.call(argument, this);
            } else {
                named.put(RubyMacros.symbol(argument), visibility);
            }
        }
    }

    /** Nobody outside may make one. */
    void close() {
        closed = true;
    }

    private void assignment(SyntaxNode node) {
        SyntaxNode left = node.child("left");
        TypeDeclared made = RubyMacros.typeOf(node, null);
        if (made != null) {
            into.nested().add(made);
            return;
        }
        var bodies = new RubyBodies(into.name(), "", true, false);
        SyntaxNode right = node.child("right");
        Value initial = right == null ? null : bodies.value(right);
        if (left.is("constant")) {
            field(left.text(), Modifiers.of(current, Mark.STATIC, Mark.FINAL), initial, bodies.inner(), node);
        } else if (left.is("instance_variable") || left.is("class_variable")) {
            field(left.text().replace("@", ""), PRIVATE.with(Mark.STATIC), initial, bodies.inner(), node);
        }
    }

    void field(String name, Modifiers modifiers, Value initial, List<TypeDeclared> inner, SyntaxNode at) {
        for (int i = 0; i < into.fields().size(); i++) {
            FieldDeclared there = into.fields().get(i);
            if (there.name().equals(name)) {
                if (modifiers.visibility() == Visibility.PUBLIC
                        && there.modifiers().visibility() != Visibility.PUBLIC) {
                    into.fields()
                            .set(i, new FieldDeclared(name, null, there.modifiers().with(Visibility.PUBLIC),
                                    there.kind(), there.initial(), there.inner(), there.at()));
                }
                return;
            }
        }
        into.fields()
                .add(new FieldDeclared(name, null, modifiers, FieldDeclared.Kind.FIELD, initial, inner, at.span()));
    }

    void operation(SyntaxNode node, boolean isStatic) {
        operation(node.child("name").text(), node, node, isStatic);
    }

    /** {@code holder} has the parameters and the body, {@code node} is the whole declaration. */
    void operation(String name, SyntaxNode holder, SyntaxNode node, boolean isStatic) {
        boolean free = into.kind() == TypeKind.MODULE && isStatic && node.is("method") && !moduleFunctions;
        boolean constructor = name.equals("initialize") && !isStatic;
        boolean setter = name.matches("\\w+=");
        List<ParameterDeclared> parameters = new ArrayList<>(RubyParameters.of(holder.child("parameters")));
        SyntaxNode body = holder.child("body");
        var bodies = new RubyBodies(into.name(), name, isStatic, constructor).pools(pools);
        RubyParameters.block(body, parameters, bodies);
        bodies.parameters(parameters);
        bodies.delegator(delegator);
        List<Step> steps = new ArrayList<>(bodies.defaults(holder.child("parameters")));
        steps.addAll(bodies.operation(body, parameters, !constructor && !setter));
        fields(body, isStatic);
        Modifiers modifiers = Modifiers.of(constructor || free || isStatic ? visibilityOfClass(isStatic) : current);
        modifiers = isStatic ? modifiers.with(Mark.STATIC) : modifiers;
        modifiers = setter ? modifiers.with(Mark.SETTER) : modifiers;
        modifiers = body != null && EVALUATED.matcher(body.text()).find() ? modifiers.with(Mark.EVALUATES) : modifiers;
        into.operations()
                .add(new OperationDeclared(constructor
                        ? into.name()
                        : setter
                                ? name.substring(0, name.length() - 1)
                                : name,
                        constructor ? Kind.CONSTRUCTOR : Kind.OPERATION,
                        modifiers, List.of(), parameters, null, steps, bodies.inner(), node.span()));
    }

    /** Another name for an operation that is declared here asks that one. */
    void alias(String name, String of, SyntaxNode at) {
        into.operations()
                .stream()
                .filter(one -> one.name().equals(of) && one.kind() == Kind.OPERATION)
                .findFirst()
                .ifPresent(one -> {
                    SourceSpan span = at.span();
                    List<Value> given = one.parameters()
                            .stream()
                            .map(each -> (Value) new Value.Name(each.name(), span))
                            .toList();
                    Step asks = new Step.Return(new Value.Call(new Value.Self(null, span), of, given, span), span);
                    into.operations()
                            .add(new OperationDeclared(name, Kind.OPERATION, one.modifiers(), List.of(),
                                    one.parameters(), null, List.of(asks), List.of(), span));
                });
    }

    private Visibility visibilityOfClass(boolean isStatic) {
        return isStatic && current == Visibility.PRIVATE && into.kind() == TypeKind.CLASS
                ? Visibility.PRIVATE
                : Visibility.PUBLIC;
    }

    /** Variables of the object, or of the class in its own operations, that a body names. */
    private void fields(SyntaxNode body, boolean isStatic) {
        Deque<SyntaxNode> open = new ArrayDeque<>();
        if (body != null) {
            open.push(body);
        }
        while (!open.isEmpty()) {
            SyntaxNode node = open.pop();
            if (node.is("instance_variable")) {
                field(node.text().substring(1), isStatic ? PRIVATE.with(Mark.STATIC) : PRIVATE, null, List.of(), node);
            } else if (node.is("class_variable")) {
                field(node.text().substring(2), PRIVATE.with(Mark.STATIC), null, List.of(), node);
            }
            node.children().reversed().forEach(open::push);
        }
    }
}
