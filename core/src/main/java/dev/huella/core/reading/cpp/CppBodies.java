package dev.huella.core.reading.cpp;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Reads statements; expressions are in {@link CppValues}. */
final class CppBodies extends Bodies {
    private static final Set<String> LOCKS = Set.of("lock_guard", "unique_lock", "scoped_lock", "shared_lock",
            "QMutexLocker");
    private static final Set<String> PLAIN = Set.of("int", "long", "short", "char", "bool", "float", "double", "size_t",
            "unsigned", "void", "auto");
    private final String className;
    private final TypeParts home;
    private final CppValues values = new CppValues(this);
    private final Map<String, Value> others = new HashMap<>();
    private TypeText returns;

    CppBodies(String className, TypeParts home) {
        this.className = className;
        this.home = home;
    }

    /** What is given back in braces alone is an object of the type; null where none is written. */
    CppBodies giving(TypeText type) {
        returns = type;
        return this;
    }

    /** The body of a function written in place, which gives back what it likes. */
    List<Step> inPlace(SyntaxNode body) {
        TypeText outer = returns;
        returns = null;
        List<Step> steps = block(body);
        returns = outer;
        return steps;
    }

    private Value given(SyntaxNode statement) {
        SyntaxNode value = statement.children().isEmpty() ? null : statement.children().getFirst();
        boolean made = value != null && value.is("initializer_list") && !value.children().isEmpty()
                && returns != null && !returns.isOptional() && returns.dimensions() == 0;
        return made ? given(value, returns) : firstOrNull(statement);
    }

    String className() {
        return className;
    }

    @Override
    public Value value(SyntaxNode node) {
        return values.value(node);
    }

    List<Value> arguments(SyntaxNode list) {
        return list == null ? List.of() : values(list);
    }

    void statement(SyntaxNode node, List<Step> into) {
        step(node, into);
    }

    /** The steps of a block; what follows a lock stands inside it. */
    List<Step> block(SyntaxNode node) {
        if (node == null) {
            return List.of();
        }
        return node.is("compound_statement") || node.is("ERROR") || node.is("try_statement")
                ? node.is("try_statement") ? one(node) : from(node.children(), 0)
                : one(node);
    }

    private List<Step> from(List<SyntaxNode> statements, int first) {
        List<Step> steps = new ArrayList<>();
        for (int i = first; i < statements.size(); i++) {
            SyntaxNode statement = statements.get(i);
            Value lock = lock(statement);
            if (lock != null) {
                steps.add(new Step.Block(lock, from(statements, i + 1), List.of(), List.of(), statement.span()));
                return steps;
            }
            steps.addAll(one(statement));
        }
        return steps;
    }

    private Value lock(SyntaxNode node) {
        if (!node.is("declaration") || node.child("type") == null) {
            return null;
        }
        String type = CppTypeTexts.plain(node.child("type").text());
        if (!LOCKS.contains(type.substring(type.lastIndexOf('.') + 1))) {
            return null;
        }
        SyntaxNode declarator = node.child("declarator");
        SyntaxNode inner = declarator == null
                ? null
                : declarator.child("value") != null ? declarator.child("value") : declarator.child("parameters");
        return inner == null || inner.children().isEmpty()
                ? new Value.Computed("lock", List.of(), node.span())
                : new Value.Name(inner.children().getFirst().text().replaceAll("[&*\\s]", ""), node.span());
    }

    /** A type that is declared where it is used. */
    private void local(SyntaxNode node, List<Step> into) {
        if (node.child("body") != null && node.child("name") != null) {
            TypeDeclared type = CppTypes.declared(node, List.of(), new ArrayList<>()).at(node);
            inner().add(type);
            into.add(new Step.Local(type, node.span()));
        }
    }

    @Override
    protected void step(SyntaxNode node, List<Step> into) {
        SourceSpan at = node.span();
        switch (node.kind()) {
            case "expression_statement" -> node.children().forEach(child -> into.add(act(values.done(child))));
            case "declaration" -> declared(node, into);
            case "class_specifier", "struct_specifier" -> local(node, into);
            case "return_statement", "co_return_statement" -> into.add(new Step.Return(given(node), at));
            case "co_yield_statement" -> into.add(new Step.Yield(firstOrNull(node), at));
            case "throw_statement" -> into.add(new Step.Throw(node.children().isEmpty()
                    ? new Value.Computed("throw", List.of(), at)
                    : inside(node), at));
            case "break_statement" -> into.add(new Step.Leave(true, at));
            case "continue_statement" -> into.add(new Step.Leave(false, at));
            case "if_statement" -> conditional(node, into);
            case "switch_statement" -> into.add(choice(node));
            case "for_range_loop" -> into.add(forEach(node));
            case "for_statement" -> counting(node, into);
            case "while_statement", "do_statement" -> into.add(new Step.Loop(null, null,
                    values.condition(node.child("condition")), block(node.child("body")), at));
            case "try_statement" -> into.add(attempt(node));
            case "compound_statement", "ERROR" -> into.add(block(block(node), at));
            case "labeled_statement", "case_statement", "preproc_if", "preproc_ifdef", "preproc_else",
                    "attributed_statement", "init_statement" ->
                into.addAll(steps(node));
            case "comment", "using_declaration", "alias_declaration", "type_definition", "goto_statement",
                    "static_assert_declaration", "statement_identifier", "preproc_call", "preproc_def",
                    "preproc_directive", "preproc_include" -> {
                // nothing is done
            }
            default -> into.add(act(value(node)));
        }
    }

    private void declared(SyntaxNode node, List<Step> into) {
        TypeText base = CppTypeTexts.type(node.child("type"));
        boolean isStatic = node.tokens()
                .stream()
                .anyMatch(token -> token.is("storage_class_specifier") && token.text().equals("static"));
        for (SyntaxNode declarator : node.children("declarator")) {
            SyntaxNode own = declarator.is("init_declarator") ? declarator.child("declarator") : declarator;
            SyntaxNode name = CppTypeTexts.name(own);
            if (name == null) {
                continue;
            }
            TypeText type = CppTypeTexts.declared(base, own);
            Value initial = initial(declarator, type, own);
            if (isStatic && home != null) {
                kept(name, type, initial, declarator, into);
            } else if (name.is("structured_binding_declarator")) {
                takenApart(name.children(), initial, into);
            } else {
                boolean copied = type == null && own.is("identifier"); // not a reference to what it is given
                into.add(new Step.Declare(name.text(), copied ? TypeText.COPIED : type, initial, declarator.span()));
                if (own.is("reference_declarator")
                        && (initial instanceof Value.Element || initial instanceof Value.Member)) {
                    others.put(name.text(), initial);
                }
            }
        }
    }

    /** What a name stands for that was declared as another name for a place; null for other names. */
    Value other(String name) {
        return others.get(name);
    }

    /** A static variable of a function is made when it is first met and kept from then on. */
    private void kept(SyntaxNode name, TypeText type, Value initial, SyntaxNode declarator, List<Step> into) {
        SourceSpan at = declarator.span();
        if (!home.hasField(name.text())) {
            home.fields()
                    .add(new FieldDeclared(name.text(), type, Modifiers.of(Visibility.PRIVATE, Mark.STATIC, Mark.LAZY),
                            FieldDeclared.Kind.FIELD, null, List.of(), at));
        }
        Value field = new Value.Name(name.text(), at);
        if (initial != null) {
            into.add(fill(field, initial, at));
        }
    }

    /** What a variable starts with; objects that are values are made where they are declared. */
    Value initial(SyntaxNode declarator, TypeText type, SyntaxNode own) {
        SyntaxNode value = declarator.child("value");
        if (value != null) {
            return given(value, type);
        }
        SyntaxNode function = CppTypeTexts.function(own);
        if (function != null) {
            List<Value> arguments = new ArrayList<>();
            SyntaxNode list = function.child("parameters");
            for (SyntaxNode one : list == null ? List.<SyntaxNode>of() : list.children()) {
                arguments.add(values.takenForParameter(one));
            }
            return type == null ? null : new Value.Create(type, arguments, null, declarator.span());
        }
        boolean object = type != null && !type.isOptional() && type.dimensions() == 0 && !type.isFunction()
                && !PLAIN.contains(type.name()) && !own.is("reference_declarator");
        return object ? new Value.Create(type, List.of(), null, declarator.span()) : null;
    }

    /** A value, or arguments in parentheses or braces from which an object of the type is made. */
    Value given(SyntaxNode value, TypeText type) {
        boolean object = type != null && !type.isOptional() && type.dimensions() == 0 && !type.isFunction()
                && !PLAIN.contains(type.name());
        if (value.is("argument_list") || value.is("initializer_list")) {
            List<Value> arguments = CppValues.whole(values(value));
            boolean listed = value.is("initializer_list") && arguments.size() == value.children().size();
            if (object && listed && !type.arguments().isEmpty()) {
                return new Value.Cast(type, new Value.ArrayOf(null, arguments, value.span()), value.span());
            }
            return object
                    ? new Value.Create(type, arguments, null, value.span())
                    : arguments.isEmpty() ? null : arguments.getFirst();
        }
        return value(value);
    }

    private void conditional(SyntaxNode node, List<Step> into) {
        SyntaxNode clause = node.child("condition");
        SyntaxNode first = clause == null ? null : clause.child("initializer");
        if (first != null) {
            into.addAll(steps(first));
        }
        SyntaxNode tested = clause == null ? null : clause.child("value");
        Value on;
        if (tested != null && tested.is("declaration")) {
            SyntaxNode name = CppTypeTexts.name(tested.child("declarator"));
            Value value = value(tested.child("value"));
            on = value instanceof Value.Cast(TypeText type, Value inner, SourceSpan at)
                    ? new Value.KindTest(inner, type.present(), name == null ? null : name.text(), at)
                    : absent(value, true, tested.span());
            if (!(on instanceof Value.KindTest) && name != null) {
                into.add(new Step.Declare(name.text(), CppTypeTexts.type(tested.child("type")), value, tested.span()));
            }
        } else {
            on = values.condition(clause == null ? node : clause);
        }
        SyntaxNode rest = node.child("alternative");
        List<Step> otherwise = rest == null
                ? null
                : block(rest.is("else_clause") && !rest.children().isEmpty() ? rest.children().getLast() : rest);
        into.add(choice(on, block(node.child("consequence")), otherwise, node.span()));
    }

    private Step choice(SyntaxNode node) {
        Value on = values.condition(node.child("condition"));
        List<Branch> branches = new ArrayList<>();
        List<Value> labels = new ArrayList<>();
        boolean complete = false;
        for (SyntaxNode branch : node.child("body").children()) {
            if (!branch.is("case_statement")) {
                continue;
            }
            SyntaxNode label = branch.child("value");
            boolean last = label == null;
            complete |= last;
            List<SyntaxNode> statements = new ArrayList<>(branch.children());
            if (label != null) {
                labels.add(value(label));
                statements.removeFirst();
            }
            if (statements.isEmpty() && !last) {
                continue; // falls through to the next label
            }
            List<Step> steps = new ArrayList<>();
            statements.forEach(statement -> steps.addAll(statement.is("compound_statement")
                    ? block(statement)
                    : one(statement)));
            branches.add(new Branch(last ? List.of() : labels, steps));
            labels = new ArrayList<>();
        }
        return new Step.Choose(on, branches, complete, node.span());
    }

    private Step forEach(SyntaxNode node) {
        SyntaxNode name = CppTypeTexts.name(node.child("declarator"));
        List<Step> steps = new ArrayList<>();
        String bound = name == null ? "_" : name.text();
        if (name != null && name.is("structured_binding_declarator")) {
            List<SyntaxNode> parts = name.children();
            for (SyntaxNode part : parts.subList(0, Math.max(0, parts.size() - 1))) {
                steps.add(new Step.Declare(part.text(), null, null, part.span()));
            }
            bound = parts.isEmpty() ? "_" : parts.getLast().text();
        }
        steps.addAll(block(node.child("body")));
        return new Step.Loop(bound, CppTypeTexts.type(node.child("type")), value(node.child("right")), steps,
                node.span());
    }

    /** {@code for (auto it = xs.begin(); …)} goes through {@code xs}. */
    private void counting(SyntaxNode node, List<Step> into) {
        SyntaxNode first = node.child("initializer");
        SyntaxNode declarator = first == null ? null : first.child("declarator");
        SyntaxNode value = declarator == null ? null : declarator.child("value");
        SyntaxNode function = value == null ? null : value.child("function");
        if (function != null && function.is("field_expression")
                && Set.of("begin", "cbegin", "rbegin").contains(function.child("field").text())) {
            into.add(new Step.Loop(CppTypeTexts.name(declarator.child("declarator")).text(), null,
                    value(function.child("argument")), block(node.child("body")), node.span()));
            return;
        }
        if (first != null) {
            step(first, into);
        }
        SyntaxNode condition = node.child("condition");
        List<Step> steps = new ArrayList<>(block(node.child("body")));
        if (node.child("update") != null) {
            steps.add(act(value(node.child("update"))));
        }
        into.add(new Step.Loop(null, null, condition == null ? null : values.condition(condition), steps, node.span()));
    }

    private Step attempt(SyntaxNode node) {
        List<Step> onError = new ArrayList<>();
        for (SyntaxNode child : node.children()) {
            if (child.is("catch_clause")) {
                CppMembers.parameters(child.child("parameters"))
                        .forEach(one -> onError.add(new Step.Declare(one.name(), one.type(), null, child.span())));
                onError.addAll(block(child.child("body")));
            }
        }
        return new Step.Block(null, block(node.child("body")), onError, List.of(), node.span());
    }
}
