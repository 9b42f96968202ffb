package dev.huella.core.reading.ruby;

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
import java.util.Set;

/** Calls in a class body that declare members. */
final class RubyMacros {
    private static final Set<String> STRUCTURES = Set.of("Struct.new", "Data.define", "Class.new", "Module.new");

    private RubyMacros() {}

    static String symbol(SyntaxNode node) {
        return node.text().replaceAll("^[:'\"@]+|['\"=:]+$", "").replaceFirst("^@+", "");
    }

    static TypeText type(SyntaxNode constant) {
        String text = constant.text().replaceAll("\\s", "").replace("::", ".");
        return TypeText.of(text);
    }

    private static List<SyntaxNode> arguments(SyntaxNode call) {
        SyntaxNode list = call.child("arguments");
        return list == null ? List.of() : list.children();
    }

    static void call(SyntaxNode call, RubyTypes type) {
        SyntaxNode method = call.child("method");
        String name = method == null || call.child("receiver") != null ? "" : method.text();
        if (call.child("receiver") != null && call.child("block") != null && method.text().equals("each")) {
            eachName(call, type);
        }
        switch (name) {
            case "include", "prepend", "extend" -> mixed(call, type);
            case "attr_reader", "attr_writer", "attr_accessor" -> attributes(call, type, false);
            case "private" -> type.visibility(call.child("arguments"), Visibility.PRIVATE, false);
            case "protected" -> type.visibility(call.child("arguments"), Visibility.PROTECTED, false);
            case "public", "module_function" -> type.visibility(call.child("arguments"), Visibility.PUBLIC, false);
            case "private_constant" -> hidden(call, type);
            case "private_class_method" -> {
                if (call.text().contains(":new")) {
                    type.close();
                }
                type.visibility(call.child("arguments"), Visibility.PRIVATE, false);
            }
            case "define_method" -> defined(call, call, type, null, null);
            case "alias_method" -> {
                if (arguments(call).size() == 2) {
                    type.alias(symbol(arguments(call).getFirst()), symbol(arguments(call).getLast()), call);
                }
            }
            case "def_delegators", "def_delegator", "delegate", "def_instance_delegators" -> delegators(call, type);
            default -> { // what marks an operation in place declares it, and nothing else that is known
                if (call.child("receiver") == null) {
                    type.marked(call.child("arguments"));
                }
                if (call.child("block") == null) {
                    type.done.add(call);
                }
            }
        }
    }

    /**
     * {@code define_method(:name) { … }}.
     *
     * @param variable what stands for the name in a loop over names, and {@code instead} the one it has this time round;
     *            null where the name is written
     */
    private static void defined(SyntaxNode call, SyntaxNode at, RubyTypes type, String variable, String instead) {
        SyntaxNode block = call.child("block");
        SyntaxNode named = arguments(call).isEmpty() ? null : arguments(call).getFirst();
        if (block == null || named == null) {
            return;
        }
        String name = variable == null
                ? null
                : named.text().equals(variable)
                        ? instead
                        : named.text().contains("#{" + variable + "}")
                                ? symbol(named).replace("#{" + variable + "}", instead)
                                : null;
        if (name == null && (named.is("simple_symbol") || named.is("string") && !named.text().contains("#{"))) {
            name = symbol(named);
        }
        if (name != null) {
            type.operation(name, block, at, false);
        }
    }

    /** {@code [:one, :other].each { |name| define_method(name) { … } }} declares an operation of each name. */
    private static void eachName(SyntaxNode call, RubyTypes type) {
        SyntaxNode list = call.child("receiver");
        SyntaxNode parameters = call.child("block").child("parameters");
        SyntaxNode body = call.child("block").child("body");
        if (body == null || parameters == null || parameters.children().size() != 1
                || !Set.of("array", "string_array", "symbol_array").contains(list.kind())) {
            return;
        }
        for (SyntaxNode inner : body.children()) {
            if (inner.is("call") && inner.child("method") != null
                    && inner.child("method").text().equals("define_method")) {
                list.children()
                        .forEach(one -> defined(inner, inner, type, parameters.children().getFirst().text(),
                                symbol(one)));
            }
        }
    }

    /** {@code Name.class_eval do … end} and {@code Name.include(Other)} add to a type from outside; null for all else. */
    static TypeDeclared reopened(SyntaxNode call) {
        SyntaxNode receiver = call.is("call") ? call.child("receiver") : null;
        if (receiver == null || call.child("method") == null
                || !receiver.is("constant") && !receiver.is("scope_resolution")) {
            return null;
        }
        String name = type(receiver).name();
        int dot = name.lastIndexOf('.');
        var types = new RubyTypes(new TypeParts(TypeKind.CLASS, name.substring(dot + 1)));
        SyntaxNode block = call.child("block");
        switch (call.child("method").text()) {
            case "class_eval", "class_exec", "module_eval" -> types.members(block == null ? null : block.child("body"));
            case "include", "prepend", "extend" -> mixed(call, types);
            default -> {
                return null;
            }
        }
        return types.into().isEmpty() && types.into().extended().isEmpty()
                ? null
                : types.finished().namespace(dot < 0 ? "" : name.substring(0, dot)).at(call);
    }

    private static void mixed(SyntaxNode call, RubyTypes into) {
        if (call.child("method").text().equals("extend") && arguments(call).stream().anyMatch(one -> one.is("self"))) {
            into.moduleFunctions();
        }
        arguments(call).stream()
                .filter(one -> one.is("constant") || one.is("scope_resolution"))
                .forEach(one -> into.into().extended().add(type(one)));
    }

    private static void hidden(SyntaxNode call, RubyTypes type) {
        List<String> names = arguments(call).stream().map(RubyMacros::symbol).toList();
        type.into()
                .fields()
                .replaceAll(one -> names.contains(one.name()) ? one.with(Visibility.PRIVATE) : one);
    }

    /** Readable or writable from outside: the variable is as good as public. */
    static void attributes(SyntaxNode call, RubyTypes type, boolean ofClass) {
        for (SyntaxNode argument : arguments(call)) {
            if (argument.is("simple_symbol") || argument.is("string")) {
                Modifiers modifiers = Modifiers.of(type.current());
                if (call.child("method").text().equals("attr_reader")) {
                    modifiers = modifiers.with(Mark.GETTER);
                }
                type.field(symbol(argument), ofClass ? modifiers.with(Mark.STATIC) : modifiers, null, List.of(),
                        argument);
            }
        }
    }

    private static void delegators(SyntaxNode call, RubyTypes type) {
        List<SyntaxNode> arguments = arguments(call);
        SyntaxNode to = arguments.stream()
                .filter(one -> one.is("pair") && one.child("key").text().startsWith("to"))
                .map(one -> one.child("value"))
                .findFirst()
                .orElse(arguments.isEmpty() ? null : arguments.getFirst());
        String macro = call.child("method").text();
        boolean named = macro.equals("delegate");
        boolean renamed = macro.endsWith("delegator") && arguments.size() == 3;
        for (SyntaxNode one : renamed ? arguments.subList(1, 2) : arguments) {
            if (to != null && one.start() != to.start() && one.is("simple_symbol")) {
                SourceSpan at = one.span();
                String name = symbol(renamed ? arguments.getLast() : one);
                Value target = named && !to.text().contains("@")
                        ? new Value.Call(null, symbol(to), List.of(), at)
                        : new Value.Member(new Value.Self(null, at), symbol(to), at);
                type.into()
                        .operations()
                        .add(new OperationDeclared(name, Kind.OPERATION, RubyTypes.PUBLIC, List.of(), List.of(),
                                null, List.of(new Step.Return(new Value.Call(target, symbol(one), List.of(), at), at)),
                                List.of(), at));
            }
        }
    }

    /** {@code Name = Struct.new(:a, :b) do … end} and its like; null for other constants. */
    static TypeDeclared typeOf(SyntaxNode assignment, String namespace) {
        if (!assignment.is("assignment") || !assignment.child("left").is("constant")) {
            return null;
        }
        SyntaxNode call = assignment.child("right");
        if (call == null || !call.is("call") || call.child("receiver") == null
                || !STRUCTURES.contains(call.child("receiver").text() + "." + call.child("method").text())) {
            return null;
        }
        boolean module = call.child("receiver").text().equals("Module");
        var types = new RubyTypes(new TypeParts(module ? TypeKind.MODULE : TypeKind.CLASS,
                assignment.child("left").text()));
        structure(call, types);
        return types.finished().namespace(namespace).at(assignment);
    }

    /** Fields and constructor of {@code Struct.new(…)}, or the base of {@code Class.new(…)}, with the block's members. */
    static void structure(SyntaxNode call, RubyTypes types) {
        SyntaxNode receiver = call.child("receiver");
        if (receiver == null) {
            return;
        }
        if (receiver.text().equals("Class")) {
            arguments(call).stream()
                    .filter(one -> one.is("constant") || one.is("scope_resolution"))
                    .findFirst()
                    .ifPresent(base -> types.into().extended().add(type(base)));
        } else if (receiver.text().equals("Struct") || receiver.text().equals("Data")) {
            components(call, types.into());
        } else if (call.child("method").text().equals("new") && receiver.is("constant")
                && !arguments(call).isEmpty() && arguments(call).stream().allMatch(one -> one.is("simple_symbol"))) {
            types.into().extended().add(type(receiver)); // a class of the code base that makes classes as Struct does
            components(call, types.into());
        }
        SyntaxNode block = call.child("block");
        if (block != null) {
            types.members(block.child("body"));
        }
    }

    private static void components(SyntaxNode call, TypeParts into) {
        List<ParameterDeclared> parameters = new ArrayList<>();
        List<Step> steps = new ArrayList<>();
        for (SyntaxNode argument : arguments(call)) {
            if (argument.is("simple_symbol")) {
                String name = symbol(argument);
                SourceSpan at = argument.span();
                into.fields()
                        .add(new FieldDeclared(name, null, RubyTypes.PUBLIC, FieldDeclared.Kind.COMPONENT, null,
                                List.of(), at));
                parameters.add(new ParameterDeclared(name, null, true));
                steps.add(new Step.Do(new Value.Assign(new Value.Member(new Value.Self(null, at), name, at),
                        new Value.Name(name, at), true, at), at));
            }
        }
        into.operations()
                .add(new OperationDeclared(into.name(), Kind.CONSTRUCTOR, RubyTypes.PUBLIC, List.of(),
                        parameters, null, steps, List.of(), call.span()));
    }
}
