package dev.huella.core.resolve;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.model.Origin;
import dev.huella.core.resolve.TypeDeclarer.Declared;
import dev.huella.core.source.Problem;
import java.util.List;

/** Third pass: what the bodies of one type do. Types declared inside bodies are read where they stand. */
final class BodyResolver {
    private final Resolution world;

    BodyResolver(Resolution world) {
        this.world = world;
    }

    /** All bodies of a type and of the types nested in it. */
    void bodies(TypeDeclared facts, Body enclosing) {
        Declared declared = world.declarer.of(facts);
        CodeType type = declared.type();
        if (enclosing != null) {
            type.within(enclosing.operation);
        }
        List<OperationDeclared> written = facts.operations();
        for (int i = 0; i < written.size(); i++) {
            if (written.get(i).body() != null) {
                body(declared.operations()[i], written.get(i), declared, enclosing);
            }
        }
        for (int i = written.size(); i < declared.operations().length; i++) {
            if (declared.operations()[i] != null) {
                initialValues(declared.operations()[i], facts, declared, enclosing);
            }
        }
        facts.nested().forEach(nested -> bodies(nested, enclosing));
    }

    private void body(Operation operation, OperationDeclared facts, Declared declared, Body enclosing) {
        var body = new Body(world, operation, declared.file(), enclosing);
        List<Parameter> parameters = operation.parameters();
        for (int i = 0; i < parameters.size(); i++) {
            Parameter parameter = parameters.get(i);
            String name = i < facts.parameters().size() ? facts.parameters().get(i).name() : parameter.name();
            body.scope.declare(name, Flow.of(new Origin.OfParameter(operation, i), parameter.type()),
                    parameter.type());
        }
        if (isFollowed(body, () -> new StepResolver(body, this).steps(facts.body()))) {
            operation.deeds(body.deeds);
            operation.reads(body.reads);
        }
    }

    /** False, which is noted, for what is nested too deeply; whatever stands around it is so as well. */
    private boolean isFollowed(Body body, Runnable steps) {
        try {
            steps.run();
            return true;
        } catch (StackOverflowError e) {
            if (body.enclosing != null) {
                throw e;
            }
            world.tooDeep.add(tooDeep(body.operation));
            return false;
        }
    }

    private static Problem tooDeep(Operation operation) {
        return new Problem(operation.place().file(), operation.place().line(), operation.place().column(),
                "What %s is nested too deeply to be followed; what it calls and makes was left out. Give parts of it names of their own, or exclude the file if it is generated."
                        .formatted(operation.name().startsWith("<")
                                ? operation.home().qualifiedName() + " begins with"
                                : operation + " does"));
    }

    private void initialValues(Operation operation, TypeDeclared facts, Declared declared, Body enclosing) {
        var body = new Body(world, operation, declared.file(), enclosing);
        if (isFollowed(body, () -> initialValues(body, facts, declared))) {
            operation.deeds(body.deeds);
        }
    }

    private void initialValues(Body body, TypeDeclared facts, Declared declared) {
        var steps = new StepResolver(body, this);
        for (int i = 0; i < facts.fields().size(); i++) {
            FieldDeclared field = facts.fields().get(i);
            if (field.initial() != null && field.modifiers().has(Mark.STATIC) == body.operation.isStatic()) {
                Field target = declared.fields()[i];
                Flow value = steps.values().flow(field.initial(), target.type(), field.name());
                world.entries.put(target, field.initial(), steps.values());
                body.add(new Deed.Sets(target, true, value, null, field.at()));
            }
        }
    }
}
