package dev.huella.core.resolve;

import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Setting;
import dev.huella.core.model.TypeUse;
import dev.huella.core.model.TypeVariable;
import dev.huella.core.resolve.TypeNames.From;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** One body while it is being resolved: what is in sight, what stands around, and the deeds found so far. */
final class Body {
    final Resolution world;
    final CodeType type;
    final Operation operation;
    final From from;
    final Body enclosing;
    final List<Deed> deeds = new ArrayList<>();
    final Set<Field> reads = new LinkedHashSet<>(0);
    private Field readLast;
    BodyScope scope;
    Setting setting;
    /** Values touched while a condition is read; null outside conditions. */
    List<Flow> touched;
    /** What a function written in place is to give back; null in the operation's own body. */
    TypeUse functionResult;
    /** The object whose members a block means that is evaluated inside of it; null in all others. */
    private Flow evaluated;
    private TypeUse yieldType = TypeUse.UNKNOWN;
    /** The value that is given back, as written. */
    Value returned;
    private int choices;

    Body(Resolution world, Operation operation, FileScope file, Body enclosing) {
        this.world = world;
        this.type = operation.home();
        this.operation = operation;
        this.enclosing = enclosing;
        this.scope = new BodyScope(enclosing == null ? null : enclosing.scope);
        Map<String, TypeVariable> variables = new HashMap<>();
        if (enclosing != null) {
            variables.putAll(enclosing.from.variables());
        }
        operation.variables().forEach(variable -> variables.put(variable.name(), variable));
        this.from = new From(file, type, variables);
    }

    /** A function or object without a name that is given back is called after the operation that does so. */
    String holder(Value value) {
        return value == returned && value != null && !(value instanceof Value.Name)
                && operation.kind() == OperationDeclared.Kind.OPERATION ? operation.name() : "";
    }

    int nextChoice() {
        return ++choices;
    }

    /** The type that a return hands out here. */
    TypeUse resultType() {
        return (functionResult == null ? operation.returns() : functionResult).awaited();
    }

    /** Reads something that is evaluated inside an object, or no longer so for null; returns what was before. */
    Flow evaluateIn(Flow inside) {
        Flow before = evaluated;
        evaluated = inside;
        return before;
    }

    /** Of a type of the code base; null outside such blocks. */
    Flow evaluatedIn() {
        return evaluated != null || enclosing == null ? evaluated : enclosing.evaluatedIn();
    }

    /** Sets what the branches of a choice of values are to yield; returns what was set before. */
    TypeUse expectYield(TypeUse expected) {
        TypeUse before = yieldType;
        yieldType = expected;
        return before;
    }

    TypeUse yieldType() {
        return yieldType;
    }

    void add(Deed deed) {
        deeds.add(deed);
    }

    TypeUse use(TypeText text, Mention.Kind kind, SourceSpan at) {
        TypeUse use = world.names.use(text, from);
        HeadResolver.mention(type, use, kind, at);
        return use;
    }

    /** Goes into something and comes back out when {@code inside} is done. */
    void within(Setting inner, Runnable inside) {
        Setting before = setting;
        BodyScope scopeBefore = scope;
        setting = inner;
        scope = new BodyScope(scopeBefore);
        inside.run();
        setting = before;
        scope = scopeBefore;
    }

    void reads(Field field) {
        readLast = reads.add(field) ? field : null;
    }

    /** What was read last was only named to be given another value; if it is read elsewhere too, it stays. */
    void onlySets(Field field) {
        if (field == readLast) {
            reads.remove(field);
        }
    }
}
