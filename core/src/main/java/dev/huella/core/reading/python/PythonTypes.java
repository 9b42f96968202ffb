package dev.huella.core.reading.python;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeDeclared.TypeParameterDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import dev.huella.core.reading.WrittenType;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Reads classes and functions. */
final class PythonTypes {
    static final Modifiers PUBLIC = Modifiers.of(Visibility.PUBLIC);
    private static final Set<String> MARKERS = Set.of("object", "ABC", "Generic", "Protocol", "NamedTuple",
            "TypedDict", "namedtuple");
    private static final Set<String> ENUMS = Set.of("Enum", "IntEnum", "StrEnum", "Flag", "IntFlag");

    static TypeText annotation(SyntaxNode type) {
        if (type != null && type.text().equals("None")) {
            return TypeText.of("None");
        }
        return type == null
                ? null
                : TypeText.as(WrittenType.of(type.text()), type.text().replaceAll("^['\"]|['\"]$", ""));
    }

    /** By convention: one underscore is not for everybody, two are for the class alone. */
    static Modifiers visibility(String name) {
        if (name.startsWith("__") && !name.endsWith("__")) {
            return Modifiers.of(Visibility.PRIVATE);
        }
        return Modifiers.of(name.startsWith("_") && !name.startsWith("__") ? Visibility.PROTECTED : Visibility.PUBLIC);
    }

    static boolean isDocumentation(Step step) {
        return step instanceof Step.Do(Value.Literal _, var _);
    }

    /** A class or function, decorated or not, at the top of a file. */
    void definition(SyntaxNode node, TypeParts module, List<TypeDeclared> declared) {
        SyntaxNode definition = node.is("decorated_definition") ? node.child("definition") : node;
        if (definition == null) {
            return;
        }
        if (definition.is("class_definition")) {
            declared.add(type(definition, decorators(node)));
        } else {
            operation(definition, decorators(node), module, true);
            TypeDeclared keeping = PythonClosures.keeping(definition, this);
            if (keeping != null) {
                declared.add(keeping);
            }
        }
    }

    static List<String> decorators(SyntaxNode node) {
        if (!node.is("decorated_definition")) {
            return List.of();
        }
        return node.children()
                .stream()
                .filter(child -> child.is("decorator") && !child.children().isEmpty())
                .map(child -> child.children().getFirst())
                .map(child -> child.is("call") ? child.child("function").text() : child.text())
                .toList();
    }

    TypeDeclared type(SyntaxNode node, List<String> decorators) {
        String name = node.child("name").text();
        List<TypeText> bases = new ArrayList<>();
        List<TypeParameterDeclared> parameters = new ArrayList<>();
        List<TypeText> makers = new ArrayList<>();
        decorators.stream().filter(one -> one.matches("\\w+")).map(TypeText::of).forEach(makers::add);
        boolean protocol = false;
        boolean isEnum = false;
        boolean isAbstract = false;
        boolean isRow = false;
        SyntaxNode supers = node.child("superclasses");
        for (SyntaxNode base : supers == null ? List.<SyntaxNode>of() : supers.children()) {
            if (base.is("keyword_argument")) {
                isAbstract |= base.child("value").text().endsWith("ABCMeta");
                if (base.child("name").text().equals("metaclass")) {
                    makers.add(WrittenType.of(base.child("value").text()));
                }
                continue;
            }
            TypeText text = WrittenType.of(base.text());
            String last = text == null ? "" : text.name().substring(text.name().lastIndexOf('.') + 1);
            protocol |= last.equals("Protocol");
            isEnum |= ENUMS.contains(last);
            isAbstract |= last.equals("ABC");
            isRow |= last.equals("NamedTuple") || last.equals("TypedDict");
            if (last.equals("Generic") || last.equals("Protocol")) {
                text.arguments().forEach(one -> parameters.add(new TypeParameterDeclared(one.name(), List.of())));
            } else if (text != null && !MARKERS.contains(last)) {
                bases.add(text);
            }
        }
        SyntaxNode written = node.child("type_parameters");
        if (written != null) {
            written.children()
                    .forEach(one -> parameters.add(new TypeParameterDeclared(
                            one.text().replaceAll("[:=].*", "").strip(), List.of())));
        }
        var parts = new TypeParts(protocol ? TypeKind.PROTOCOL : isEnum ? TypeKind.ENUM : TypeKind.CLASS, name);
        parts.extended().addAll(bases);
        makers.stream().filter(maker -> maker != null).forEach(parts.makers()::add);
        parts.typeParameters().addAll(parameters);
        boolean data = isRow || decorators.stream()
                .anyMatch(one -> one.endsWith("dataclass") || one.endsWith("define"));
        members(node.child("body"), parts, data);
        PythonRows.inherited(supers, parts);
        Modifiers modifiers = visibility(name);
        isAbstract |= protocol || parts.operations().stream().anyMatch(one -> one.modifiers().has(Mark.ABSTRACT));
        return parts.modifiers(isAbstract ? modifiers.with(Mark.ABSTRACT) : modifiers).at(node);
    }

    private void members(SyntaxNode body, TypeParts into, boolean data) {
        if (body == null) {
            return;
        }
        List<SyntaxNode> members = flat(body);
        var found = new PythonFields(this, into);
        members.forEach(found::assignedInMethods);
        for (SyntaxNode member : members) {
            SyntaxNode definition = member.is("decorated_definition") ? member.child("definition") : member;
            if (definition == null) {
                continue;
            }
            switch (definition.kind()) {
                case "function_definition" -> operation(definition, decorators(member), into, false);
                case "class_definition" -> into.nested().add(type(definition, decorators(member)));
                case "expression_statement" -> found.atClassLevel(definition, data);
                default -> {
                    // anything else at class level has no structure
                }
            }
        }
        found.addAll();
        if (data && !into.hasOperation("__init__")) {
            found.dataConstructor();
        }
    }

    /** Members under an {@code if} count as well. */
    private static List<SyntaxNode> flat(SyntaxNode body) {
        List<SyntaxNode> found = new ArrayList<>();
        for (SyntaxNode child : body.children()) {
            if (child.is("if_statement") || child.is("ERROR") || child.is("else_clause") || child.is("block")) {
                found.addAll(flat(child));
            } else {
                found.add(child);
            }
        }
        return found;
    }

    /** An operation of a class, or a function of a module when {@code free}. */
    void operation(SyntaxNode node, List<String> decorators, TypeParts into, boolean free) {
        String name = node.child("name").text();
        boolean classLevel = decorators.contains("classmethod") || name.equals("__new__")
                || name.equals("__init_subclass__") || name.equals("__class_getitem__");
        boolean isStatic = free || classLevel || decorators.contains("staticmethod");
        List<ParameterDeclared> parameters = new ArrayList<>(parameters(node.child("parameters")));
        String self = null;
        if (!free && !decorators.contains("staticmethod") && !parameters.isEmpty()) {
            self = parameters.removeFirst().name();
        }
        var bodies = new PythonBodies(this, free ? null : into.name(), isStatic).self(self)
                .constructing(name.equals("__init__"));
        List<Step> steps = new ArrayList<>(bodies.defaults(node.child("parameters")));
        steps.addAll(bodies.function(node.child("body"), parameters));
        if ((free || isStatic) && PythonClosures.isKept(decorators)) {
            steps = PythonClosures.kept(name, steps, parameters, node, into, free);
        }
        List<Step> done = steps.stream().filter(step -> !isDocumentation(step)).toList();
        if (!free && decorators.stream().anyMatch(one -> one.endsWith("cached_property"))
                && (done.size() > 1 || done.size() == 1 && done.getFirst() instanceof Step.Return)) {
            into.fields()
                    .add(new FieldDeclared(name, result(name, node.child("return_type")),
                            visibility(name).with(Mark.LAZY),
                            FieldDeclared.Kind.FIELD, Value.given(done, node.span()), bodies.inner(), node.span()));
            return; // worked out when it is first asked for, and kept
        }
        Modifiers modifiers = modifiers(name, decorators);
        modifiers = isStatic ? modifiers.with(Mark.STATIC) : modifiers;
        boolean promised = decorators.stream()
                .anyMatch(one -> one.endsWith("abstractmethod")
                        || one.endsWith("abstractproperty"));
        promised |= into.kind() == TypeKind.PROTOCOL && isHollow(steps);
        boolean constructor = name.equals("__init__") && !free;
        into.operations()
                .add(new OperationDeclared(constructor ? into.name() : name,
                        constructor ? Kind.CONSTRUCTOR : Kind.OPERATION,
                        promised ? modifiers.with(Mark.ABSTRACT) : modifiers, List.of(), parameters,
                        constructor ? null : result(name, node.child("return_type")),
                        promised && isLeftToOthers(done) ? null : done,
                        bodies.inner(),
                        node.span()));
    }

    /** True for steps that do nothing themselves, or only say that others must. */
    private static boolean isLeftToOthers(List<Step> steps) {
        return isHollow(steps) || steps.getLast() instanceof Step.Throw && steps.size() == 1;
    }

    /** What is written, or what the language asks for under that name. */
    private static TypeText result(String name, SyntaxNode written) {
        return written != null
                ? annotation(written)
                : switch (name) {
                    case "__str__", "__repr__", "__format__" -> TypeText.of("str");
                    case "__len__", "__hash__" -> TypeText.of("int");
                    case "__bool__", "__contains__" -> TypeText.of("bool");
                    default -> null;
                };
    }

    private static Modifiers modifiers(String name, List<String> decorators) {
        Modifiers modifiers = visibility(name);
        for (String decorator : decorators) {
            if (decorator.endsWith("property") || decorator.endsWith(".getter")) {
                modifiers = modifiers.with(Mark.GETTER);
            } else if (decorator.endsWith(".setter")) {
                modifiers = modifiers.with(Mark.SETTER);
            } else if (decorator.endsWith("override")) {
                modifiers = modifiers.with(Mark.OVERRIDE);
            } else if (decorator.endsWith("final")) {
                modifiers = modifiers.with(Mark.FINAL);
            }
        }
        return modifiers;
    }

    private static boolean isHollow(List<Step> steps) {
        return steps.stream().allMatch(PythonTypes::isDocumentation);
    }

    static List<ParameterDeclared> parameters(SyntaxNode node) {
        if (node == null) {
            return List.of();
        }
        List<ParameterDeclared> found = new ArrayList<>();
        for (SyntaxNode child : node.children()) {
            TypeText type = annotation(child.child("type"));
            switch (child.kind()) {
                case "identifier" -> found.add(new ParameterDeclared(child.text(), null));
                case "default_parameter", "typed_default_parameter" -> found.add(
                        new ParameterDeclared(child.child("name").text(),
                                WrittenType.orOfDefault(type, child.child("value"), WrittenType.Plain.PYTHON), true));
                case "typed_parameter" -> {
                    SyntaxNode name = child.children().getFirst();
                    boolean many = !name.is("identifier");
                    String plain = name.text().replace("*", "");
                    found.add(new ParameterDeclared(plain, many && type != null ? type.array(1) : type, many));
                }
                case "list_splat_pattern" -> found.add(new ParameterDeclared(child.text().replace("*", ""),
                        TypeText.of("?").array(1), true));
                case "dictionary_splat_pattern" -> found.add(new ParameterDeclared(child.text().replace("*", ""),
                        null, true));
                default -> {
                    // the signs that part positional from named ones
                }
            }
        }
        return found;
    }

    /** Names of parameters, for telling them from variables. */
    static Set<String> names(List<ParameterDeclared> parameters) {
        Set<String> names = new HashSet<>();
        parameters.forEach(one -> names.add(one.name()));
        return names;
    }

    static FieldDeclared field(String name, TypeText type, Modifiers modifiers, Value initial,
            List<TypeDeclared> inner, SyntaxNode at) {
        return new FieldDeclared(name, type, modifiers, FieldDeclared.Kind.FIELD, initial, inner, at.span());
    }
}
