package dev.huella.core.reading.kotlin;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;

/** Reads statements; expressions are in {@link KotlinValues}. */
final class KotlinBodies extends Bodies {
    /** What a value is called that is asked whether it is there, and then used. */
    private static final String THERE = "?:";
    private final String className;
    private final KotlinValues values = new KotlinValues(this);
    private String accessorOf;
    /** A loop that the grammar ended before its body, which is the statement that follows. */
    private SyntaxNode bodiless;

    /** How many lambdas stand around what is being read, inside the innermost function. */
    private int lambdas;

    KotlinBodies(String className) {
        this.className = className;
    }

    /** In an accessor, {@code field} means what the property keeps. */
    KotlinBodies accessorOf(String property) {
        accessorOf = property;
        return this;
    }

    KotlinValues values() {
        return values;
    }

    String property() {
        return accessorOf;
    }

    String className() {
        return className;
    }

    @Override
    public Value value(SyntaxNode node) {
        return values.value(node);
    }

    Value heldBy(String holder, SyntaxNode node) {
        return values.heldBy(holder, node);
    }

    List<Value> arguments(SyntaxNode list) {
        return list == null ? List.of() : values(list);
    }

    /** A type made in place; it belongs to this body. */
    TypeDeclared anonymous(SyntaxNode whole, SyntaxNode body, List<TypeText> above, String holder,
            SyntaxNode handedOnTo) {
        var parts = new TypeParts(TypeKind.CLASS, holder).anonymous();
        parts.extended().addAll(above);
        if (handedOnTo != null && !above.isEmpty()) {
            parts.fields()
                    .add(new FieldDeclared("delegate", above.getLast(),
                            Modifiers.of(Visibility.PRIVATE, Modifiers.Mark.FINAL, Modifiers.Mark.DELEGATE),
                            FieldDeclared.Kind.FIELD,
                            values.path(handedOnTo, handedOnTo.first("constructor_invocation")),
                            List.of(), handedOnTo.span()));
        }
        var members = new KotlinMembers(parts, false);
        List<SyntaxNode> all = KotlinTypes.flat(body);
        for (int i = 0; i < all.size(); i++) {
            members.member(all.get(i), all, i);
        }
        TypeDeclared type = parts.modifiers(Modifiers.of(Visibility.PRIVATE)).at(whole);
        inner().add(type);
        return type;
    }

    /** What stands behind the sign of a declaration; null for nothing. */
    static SyntaxNode initial(SyntaxNode declaration) {
        boolean behind = false;
        for (SyntaxNode token : declaration.tokens()) {
            if (behind && (token.named() && !token.is("getter") && !token.is("setter")
                    || token.is("null"))) {
                return token;
            }
            behind |= token.is("=");
        }
        return null;
    }

    /** The body of a function: a block, or one value that is given back. */
    List<Step> body(SyntaxNode body) {
        int around = lambdas;
        lambdas = 0;
        List<Step> steps = ofFunction(body);
        lambdas = around;
        return steps;
    }

    private List<Step> ofFunction(SyntaxNode body) {
        boolean value = body.tokens().stream().anyMatch(token -> token.is("="));
        if (value) {
            SyntaxNode only = initial(body);
            boolean nothing = only == null || only.is("simple_identifier") && only.text().equals("Unit");
            return nothing ? List.of() : giving(one(only), false);
        }
        return block(body);
    }

    /** The steps of a lambda: {@code return} there leaves the function around it, what is written last is its value. */
    List<Step> lambda(SyntaxNode statements) {
        lambdas++;
        List<Step> steps = giving(steps(statements), false);
        lambdas--;
        return steps;
    }

    /** The statements inside a node, whether they have a node of their own or not. */
    List<Step> block(SyntaxNode node) {
        if (node == null) {
            return List.of();
        }
        List<Step> all = new ArrayList<>();
        for (SyntaxNode child : node.tokens()) {
            if (child.is("statements")) {
                all.addAll(steps(child));
            } else if (child.is("null") || child.named()) {
                all.addAll(one(child));
            }
        }
        return all;
    }

    void statement(SyntaxNode node, List<Step> into) {
        step(node, into);
    }

    @Override
    protected void step(SyntaxNode node, List<Step> into) {
        SourceSpan at = node.span();
        if (bodiless != null) {
            SyntaxNode loop = bodiless;
            bodiless = null;
            List<Step> body = new ArrayList<>();
            step(node, body);
            into.add(forEach(loop, body));
            return;
        }
        switch (node.kind()) {
            case "property_declaration" -> declared(node, into);
            case "jump_expression" -> jump(node, into);
            case "if_expression" -> into.add(conditional(node));
            case "when_expression" -> into.add(choice(node));
            case "for_statement" -> {
                SyntaxNode body = node.first("control_structure_body");
                bodiless = body == null ? node : null;
                if (body != null) {
                    into.add(forEach(node, block(body)));
                }
            }
            case "while_statement", "do_while_statement" -> into.add(loop(node));
            case "try_expression" -> into.add(attempt(node));
            case "assignment" -> assignment(node, into);
            case "function_declaration" -> into.add(new Step.Declare(node.first("simple_identifier").text(), null,
                    new Value.Function(KotlinMembers.parameters(node.first("function_value_parameters")),
                            node.first("function_body") == null ? List.of() : body(node.first("function_body")), at),
                    at));
            case "class_declaration", "object_declaration" -> {
                TypeDeclared type = KotlinTypes.declared(node, null);
                inner().add(type);
                into.add(new Step.Local(type, at));
            }
            case "statements", "ERROR", "control_structure_body" -> into.addAll(block(node));
            case "label", "comment", "line_comment", "multiline_comment" -> {
                // nothing is done
            }
            case "elvis_expression" -> elvis(node, into);
            case "as_expression" -> taken(node, into);
            default -> into.add(done(value(node)));
        }
    }

    /** {@code value as Kind}: from here on the name means a value of that kind. */
    private void taken(SyntaxNode node, List<Step> into) {
        Value cast = value(node);
        into.add(cast instanceof Value.Cast(TypeText _, Value.Name(String name, SourceSpan _), SourceSpan at)
                ? new Step.Declare(name, null, cast, at)
                : act(cast));
    }

    /** What a block that makes a sequence hands out is handed out by the operation around it. */
    private static Step done(Value value) {
        return value instanceof Value.Call(Value of, String name, List<Value> given, SourceSpan at) && of == null
                && given.size() == 1 && (name.equals("yield") || name.equals("yieldAll"))
                        ? handsOut(given.getFirst(), name.equals("yieldAll"), at)
                        : act(value);
    }

    /** {@code x ?: return} leaves where the value is missing; else it is that value. */
    private void elvis(SyntaxNode node, List<Step> into) {
        into.add(act(leaves(node) ? there(node, into) : value(node)));
    }

    private boolean leaves(SyntaxNode node) {
        List<SyntaxNode> parts = node.is("elvis_expression") ? values.parts(node) : List.of();
        return parts.size() == 2 && parts.get(1).is("jump_expression");
    }

    /** The value behind the steps that leave where it is missing. */
    private Value there(SyntaxNode elvis, List<Step> into) {
        SourceSpan at = elvis.span();
        List<SyntaxNode> parts = values.parts(elvis);
        Value value = value(parts.getFirst());
        if (!(value instanceof Value.Name)) { // worked out once
            into.add(new Step.Declare(THERE, null, value, at));
            value = new Value.Name(THERE, at);
        }
        into.add(choice(absent(value, false, at), one(parts.get(1)), null, at));
        return value;
    }

    private void jump(SyntaxNode node, List<Step> into) {
        List<SyntaxNode> tokens = node.tokens();
        String word = tokens.isEmpty() ? node.text() : tokens.getFirst().kind();
        List<SyntaxNode> parts = values.parts(node).stream().filter(part -> !part.is("label")).toList();
        SyntaxNode given = parts.isEmpty() ? null : parts.getLast();
        boolean mayLeave = given != null && word.startsWith("return") && leaves(given);
        Value value = given == null ? null : mayLeave ? there(given, into) : value(given);
        if (word.startsWith("return")) {
            into.add(lambdas == 0 || node.text().startsWith("return@")
                    ? new Step.Return(value, node.span())
                    : new Step.ReturnOutwards(value, lambdas, node.span()));
        } else if (word.equals("throw")) {
            into.add(new Step.Throw(value, node.span()));
        } else {
            into.add(new Step.Leave(word.startsWith("break"), node.span()));
        }
    }

    private void declared(SyntaxNode node, List<Step> into) {
        SyntaxNode single = node.first("variable_declaration");
        SyntaxNode by = node.first("property_delegate");
        SyntaxNode initial = by != null ? by : initial(node);
        if (single != null) {
            String name = single.first("simple_identifier").text();
            Value held = initial == null ? null : leaves(initial) ? there(initial, into) : heldBy(name, initial);
            into.add(new Step.Declare(name, KotlinTypes.typeIn(single), held, node.span()));
            return;
        }
        SyntaxNode several = node.first("multi_variable_declaration");
        Value whole = initial == null ? null : value(initial);
        List<SyntaxNode> names = several == null ? List.of() : several.children();
        for (int at = 0; at < names.size(); at++) {
            SyntaxNode part = names.get(at);
            SyntaxNode name = part.first("simple_identifier");
            if (name != null) {
                into.add(new Step.Declare(name.text(), KotlinTypes.typeIn(part), whole == null
                        ? null
                        : Value.Element.part(whole, at, part.span()),
                        part.span()));
            }
        }
    }

    private Step conditional(SyntaxNode node) {
        List<SyntaxNode> parts = values.parts(node);
        List<SyntaxNode> branches = parts.stream().filter(part -> part.is("control_structure_body")).toList();
        boolean otherwise = node.tokens().stream().anyMatch(token -> token.is("else"));
        List<Step> then = branches.isEmpty() ? List.of() : block(branches.getFirst());
        List<Step> rest = otherwise ? branches.size() > 1 ? block(branches.get(1)) : List.of() : null;
        return choice(values.condition(parts.getFirst()), then, rest, node.span());
    }

    private Step choice(SyntaxNode node) {
        SyntaxNode subject = node.first("when_subject");
        Value on = subject == null
                ? new Literal(Literal.Kind.TRUTH, "true", node.span())
                : value(values.parts(subject).getLast());
        SyntaxNode bound = subject == null ? null : subject.first("variable_declaration");
        String name = bound == null ? null : bound.first("simple_identifier").text();
        Value asked = name == null ? on : new Value.Name(name, node.span());
        List<Branch> branches = new ArrayList<>();
        boolean complete = false;
        for (SyntaxNode entry : node.children()) {
            if (!entry.is("when_entry")) {
                continue;
            }
            List<Value> labels = new ArrayList<>();
            entry.children()
                    .stream()
                    .filter(child -> child.is("when_condition"))
                    .forEach(child -> labels.add(
                            label(values.parts(child).getFirst(), asked)));
            complete |= labels.isEmpty();
            branches.add(new Branch(labels, block(entry.first("control_structure_body"))));
        }
        return new Step.Choose(name == null ? on : new Value.KindTest(on, null, name, node.span()), branches, complete,
                node.span());
    }

    private Value label(SyntaxNode node, Value on) {
        return switch (node.kind()) {
            case "type_test" -> new Value.KindTest(on, KotlinTypes.typeIn(node), null, node.span());
            case "range_test" -> computed(node);
            default -> value(node);
        };
    }

    private Step forEach(SyntaxNode node, List<Step> body) {
        List<SyntaxNode> parts = node.children();
        SyntaxNode bound = parts.getFirst();
        List<Step> steps = new ArrayList<>();
        String name = "_";
        TypeText type = null;
        if (bound.is("multi_variable_declaration")) {
            for (SyntaxNode one : bound.children()) {
                steps.add(new Step.Declare(one.text(), null, null, one.span()));
                name = one.text();
            }
            if (!steps.isEmpty()) {
                steps.removeLast();
            }
        } else if (bound.first("simple_identifier") != null) {
            name = bound.first("simple_identifier").text();
            type = KotlinTypes.typeIn(bound);
        }
        steps.addAll(body);
        SyntaxNode over = parts.stream()
                .filter(part -> part != bound && !part.is("control_structure_body") && part.start() > bound.start())
                .findFirst()
                .orElse(bound);
        return new Step.Loop(name, type, value(over), steps, node.span());
    }

    private Step loop(SyntaxNode node) {
        List<SyntaxNode> parts = values.parts(node);
        SyntaxNode condition = parts.stream()
                .filter(part -> !part.is("control_structure_body"))
                .findFirst()
                .orElse(null);
        return new Step.Loop(null, null, condition == null ? null : values.condition(condition),
                block(node.first("control_structure_body")), node.span());
    }

    private Step attempt(SyntaxNode node) {
        List<Step> onError = new ArrayList<>();
        List<Step> always = new ArrayList<>();
        for (SyntaxNode child : node.children()) {
            if (child.is("catch_block")) {
                SyntaxNode name = child.first("simple_identifier");
                if (name != null) {
                    onError.add(new Step.Declare(name.text(), KotlinTypes.typeIn(child), null, name.span()));
                }
                onError.addAll(child.first("statements") == null ? List.of() : steps(child.first("statements")));
            } else if (child.is("finally_block")) {
                always.addAll(block(child));
            }
        }
        SyntaxNode body = node.first("statements");
        return new Step.Block(null, body == null ? List.of() : steps(body), onError, always, node.span());
    }

    private void assignment(SyntaxNode node, List<Step> into) {
        SyntaxNode left = node.first("directly_assignable_expression");
        SyntaxNode right = values.parts(node).getLast();
        Value target = values.assignable(left);
        String sign = node.tokens()
                .stream()
                .filter(token -> !token.named() && token.kind().endsWith("="))
                .map(SyntaxNode::kind)
                .findFirst()
                .orElse("=");
        Value given = heldBy("", right);
        into.add(act(switch (sign) {
            case "=" -> new Value.Assign(target, given, true, node.span());
            case "+=", "-=" -> new Value.Call(target, sign, List.of(given), node.span());
            default -> new Value.Assign(target, given, false, node.span());
        }));
    }
}
