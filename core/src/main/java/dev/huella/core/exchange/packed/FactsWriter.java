package dev.huella.core.exchange.packed;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.source.SourceSpan;
import java.io.IOException;
import java.util.List;

/** Writes facts as bytes. The file's path is not written. */
public final class FactsWriter extends PackedWriter {
    private List<TypeDeclared> inner = List.of();

    private FactsWriter() {}

    public static byte[] bytes(FileFacts facts) {
        var writer = new FactsWriter();
        return writer.bytes(facts, writer::file);
    }

    private void file(FileFacts facts) throws IOException {
        text(facts.language());
        text(facts.namespace());
        number(facts.lines());
        list(facts.imports(), seen -> {
            text(seen.name());
            flag(seen.members());
            flag(seen.all());
            text(seen.alias());
            text(seen.module());
        });
        list(facts.aliases(), alias -> {
            text(alias.name());
            type(alias.meant());
        });
        list(facts.types(), this::declared);
        list(facts.problems(), problem -> {
            number(problem.line());
            number(problem.column());
            text(problem.message());
        });
    }

    private void span(SourceSpan at) throws IOException {
        if (at == null) {
            number(0);
            return;
        }
        number(at.line());
        number(at.column());
        number(at.endLine() - at.line());
        number(at.endColumn());
    }

    private void type(TypeText type) throws IOException {
        flag(type != null);
        if (type != null) {
            text(type.name());
            list(type.arguments(), this::type);
            number(type.dimensions());
            text(type.written());
        }
    }

    private void modifiers(Modifiers modifiers) throws IOException {
        number(modifiers.visibility().ordinal());
        number(modifiers.marks().size());
        for (Modifiers.Mark mark : Modifiers.Mark.values()) {
            if (modifiers.has(mark)) {
                number(mark.ordinal());
            }
        }
    }

    private void parameters(List<TypeDeclared.TypeParameterDeclared> parameters) throws IOException {
        list(parameters, parameter -> {
            text(parameter.name());
            list(parameter.bounds(), this::type);
        });
    }

    private void declared(TypeDeclared type) throws IOException {
        text(type.name());
        flag(type.anonymous());
        number(type.kind().ordinal());
        modifiers(type.modifiers());
        parameters(type.typeParameters());
        list(type.extended(), this::type);
        list(type.realised(), this::type);
        list(type.fields(), this::field);
        list(type.operations(), this::operation);
        list(type.nested(), this::declared);
        span(type.at());
        list(type.unreadable(), this::span);
        number(type.standing().ordinal());
        text(type.namespace());
        list(type.makers(), this::type);
    }

    private void field(FieldDeclared field) throws IOException {
        text(field.name());
        type(field.type());
        modifiers(field.modifiers());
        number(field.kind().ordinal());
        list(field.inner(), this::declared);
        List<TypeDeclared> outer = inner;
        inner = field.inner();
        value(field.initial());
        inner = outer;
        span(field.at());
    }

    private void operation(OperationDeclared operation) throws IOException {
        text(operation.name());
        number(operation.kind().ordinal());
        modifiers(operation.modifiers());
        parameters(operation.typeParameters());
        list(operation.parameters(), this::parameter);
        type(operation.returns());
        list(operation.inner(), this::declared);
        flag(operation.body() != null);
        if (operation.body() != null) {
            List<TypeDeclared> outer = inner;
            inner = operation.inner();
            list(operation.body(), this::step);
            inner = outer;
        }
        span(operation.at());
    }

    private void parameter(ParameterDeclared parameter) throws IOException {
        text(parameter.name());
        type(parameter.type());
        flag(parameter.optional());
    }

    private void tag(int tag, SourceSpan at) throws IOException {
        number(tag);
        span(at);
    }

    private void valued(int tag, Value value, SourceSpan at) throws IOException {
        tag(tag, at);
        value(value);
    }

    private void step(Step step) throws IOException {
        switch (step) {
            case Step.Declare(var name, var type, var initial, var at) -> {
                tag(1, at);
                text(name);
                type(type);
                value(initial);
            }
            case Step.Do(var value, var at) -> valued(2, value, at);
            case Step.Return(var value, var at) -> valued(3, value, at);
            case Step.ReturnOutwards(var value, var functions, var at) -> {
                valued(11, value, at);
                number(functions);
            }
            case Step.Yield(var value, var at) -> valued(4, value, at);
            case Step.Throw(var value, var at) -> valued(5, value, at);
            case Step.Leave(var whole, var at) -> {
                tag(6, at);
                flag(whole);
            }
            case Step.Choose(var on, var branches, var complete, var at) -> {
                tag(7, at);
                value(on);
                branches(branches, complete);
            }
            case Step.Loop(var variable, var type, var over, var body, var at) -> {
                tag(8, at);
                text(variable);
                type(type);
                value(over);
                list(body, this::step);
            }
            case Step.Block(var lock, var steps, var onError, var always, var at) -> {
                tag(9, at);
                value(lock);
                list(steps, this::step);
                list(onError, this::step);
                list(always, this::step);
            }
            case Step.Local(var type, var at) -> {
                tag(10, at);
                local(type);
            }
        }
    }

    /** A type that is among those inside the body is named by its position there. */
    private void local(TypeDeclared type) throws IOException {
        if (type == null) {
            number(0);
            return;
        }
        for (int i = 0; i < inner.size(); i++) {
            if (inner.get(i) == type) {
                number(i + 2);
                return;
            }
        }
        number(1);
        declared(type);
    }

    private void branches(List<Step.Branch> branches, boolean complete) throws IOException {
        flag(complete);
        list(branches, branch -> {
            list(branch.labels(), this::value);
            list(branch.steps(), this::step);
        });
    }

    private void value(Value value) throws IOException {
        if (value == null) {
            number(0);
        } else {
            new ValueWriter().write(value);
        }
    }

    /** The forms of values, which are many. */
    private final class ValueWriter {
        private void write(Value value) throws IOException {
            switch (value) {
                case Value.Name(var name, var at) -> named(1, name, at);
                case Value.Self(var outer, var at) -> named(2, outer, at);
                case Value.Super(var at) -> tag(3, at);
                case Value.Literal(var kind, var text, var at) -> {
                    named(4, text, at);
                    number(kind.ordinal());
                }
                case Value.Member(var of, var name, var at) -> {
                    named(5, name, at);
                    value(of);
                }
                case Value.Call(var receiver, var name, var arguments, var at) -> {
                    named(6, name, at);
                    value(receiver);
                    list(arguments, FactsWriter.this::value);
                }
                case Value.Create(var type, var arguments, var body, var at) -> {
                    tag(7, at);
                    type(type);
                    list(arguments, FactsWriter.this::value);
                    local(body);
                }
                case Value.Construct(var ofSuper, var arguments, var at) -> {
                    tag(8, at);
                    flag(ofSuper);
                    list(arguments, FactsWriter.this::value);
                }
                case Value.ArrayOf(var type, var elements, var at) -> {
                    tag(9, at);
                    type(type);
                    list(elements, FactsWriter.this::value);
                }
                case Value.Function(var parameters, var body, var at) -> {
                    tag(10, at);
                    list(parameters, FactsWriter.this::parameter);
                    list(body, FactsWriter.this::step);
                }
                default -> more(value);
            }
        }

        private void named(int tag, String name, SourceSpan at) throws IOException {
            tag(tag, at);
            text(name);
        }

        private void more(Value value) throws IOException {
            switch (value) {
                case Value.Reference(var of, var type, var name, var at) -> {
                    named(11, name, at);
                    value(of);
                    type(type);
                }
                case Value.Assign(var target, var given, var plain, var at) -> {
                    pair(12, target, given, at);
                    flag(plain);
                }
                case Value.Either(var on, var branches, var complete, var at) -> {
                    tag(13, at);
                    value(on);
                    branches(branches, complete);
                }
                case Value.Fallback(var first, var other, var at) -> pair(14, first, other, at);
                case Value.Cast(var type, var inner, var at) -> {
                    tag(15, at);
                    type(type);
                    value(inner);
                }
                case Value.KindTest(var tested, var type, var binding, var at) -> {
                    named(16, binding, at);
                    value(tested);
                    type(type);
                }
                case Value.Element(var of, var index, var at) -> pair(17, of, index, at);
                case Value.Same(var left, var right, var negated, var at) -> {
                    pair(18, left, right, at);
                    flag(negated);
                }
                case Value.TypeName(var type, var at) -> {
                    tag(19, at);
                    type(type);
                }
                case Value.Labelled(var name, var inner, var at) -> {
                    named(20, name, at);
                    value(inner);
                }
                case Value.Computed(var sign, var parts, var at) -> {
                    named(21, sign, at);
                    list(parts, FactsWriter.this::value);
                }
                default -> throw new IllegalArgumentException("a form of value without a tag: " + value);
            }
        }

        private void pair(int tag, Value one, Value other, SourceSpan at) throws IOException {
            tag(tag, at);
            value(one);
            value(other);
        }
    }
}
