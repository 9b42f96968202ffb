package dev.huella.core.molde.clause;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/** Which fresh objects an operation hands out, and whether something it is given decides which. */
final class Creation {
    private static final int DEEPEST = 4;

    private Creation() {}

    /** Types of the objects handed out, with the place where each is made or returned. */
    static Map<CodeType, SourceSpan> fresh(Operation operation) {
        Map<CodeType, SourceSpan> found = new LinkedHashMap<>();
        collect(operation, found, new HashSet<>(), 0);
        return found;
    }

    private static void collect(Operation operation, Map<CodeType, SourceSpan> found, Set<Operation> seen, int depth) {
        if (!seen.add(operation) || depth > DEEPEST) {
            return;
        }
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Returns(Flow value, Setting within, SourceSpan at) && value != null
                    && operation.isOwn(within)) {
                value.origins().forEach(origin -> handedOut(origin, operation, at, found, seen, depth));
            }
        }
    }

    private static void handedOut(Origin origin, Operation operation, SourceSpan at, Map<CodeType, SourceSpan> found,
            Set<Operation> seen, int depth) {
        switch (origin) {
            case Origin.Fresh(CodeType type) -> found.putIfAbsent(type, at);
            case Origin.OfFunction(CodeType function) when function.within() == operation ->
                found.putIfAbsent(function, at);
            case Origin.Result(Operation callee, Origin receiver) when callee != null && !callee.home().external() -> {
                boolean helper = callee.isStatic()
                        || receiver instanceof Origin.Self && callee.home() == operation.home();
                if (helper && callee.hasBody()) {
                    collect(callee, found, seen, depth + 1);
                } else if (receiver != null && (Bodies.handsBackItself(callee)
                        || receiver instanceof Origin.Fresh(CodeType made) && callee.returns().erased() == made)) {
                    handedOut(receiver, operation, at, found, seen, depth);
                }
            }
            default -> {
                // nothing is made for this value here
            }
        }
    }

    /** Types handed out on one of several paths that an argument, a key or a setting decides. */
    static Map<CodeType, SourceSpan> chosen(Model model, Operation operation) {
        Map<CodeType, SourceSpan> found = new LinkedHashMap<>();
        Set<CodeType> fresh = new LinkedHashSet<>(fresh(operation).keySet());
        fresh.addAll(keptByKey(operation));
        if (fresh.size() > 1) {
            branches(operation, fresh, found, new HashSet<>(), 0);
        }
        table(model, operation, found);
        return found;
    }

    /** What it makes and keeps in a field, where it hands out what that field keeps under the same key. */
    private static Set<CodeType> keptByKey(Operation operation) {
        Set<CodeType> made = new LinkedHashSet<>();
        for (Flow value : Origins.returned(operation)) {
            Field field = value.first() instanceof Origin.ElementOf of ? Origins.field(of) : null;
            for (Deed deed : field == null ? List.<Deed>of() : operation.deeds()) {
                if (deed instanceof Deed.Stores stores
                        && Origins.whole(stores.container().first()) == field) {
                    stores.value().origins().stream().map(Origins::made).filter(Objects::nonNull).forEach(made::add);
                }
            }
        }
        return made;
    }

    private static void branches(Operation operation, Set<CodeType> fresh, Map<CodeType, SourceSpan> found,
            Set<Operation> seen, int depth) {
        if (!seen.add(operation) || depth > DEEPEST) {
            return;
        }
        boolean decided = decides(operation);
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Creates creates && fresh.contains(creates.type())
                    && (decided || isDecided(creates.within(), operation))) {
                found.putIfAbsent(creates.type(), creates.at());
            } else if (deed instanceof Deed.Calls calls && calls.callee() != null && calls.callee().hasBody()
                    && (calls.callee().isStatic() || calls.receiver().anyOf(Origin.Self.class))
                    && !calls.callee().home().external()) {
                boolean own = calls.callee().home() == operation.home() || !calls.callee().isStatic();
                Set<CodeType> made = fresh(calls.callee()).keySet();
                if ((isDecided(calls.within(), operation) || decided) && (own || made.size() == 1)) {
                    made.stream().filter(fresh::contains).forEach(type -> found.putIfAbsent(type, calls.at()));
                }
                if (own) { // where another type chooses, that one is the factory
                    branches(calls.callee(), fresh, found, seen, depth + 1);
                }
            }
        }
    }

    /** A body that branches on its input and returns: what follows the branch is the path for everything else. */
    private static boolean decides(Operation operation) {
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Chooses chooses
                        && chooses.on().stream().anyMatch(on -> isInput(on, operation)));
    }

    private static boolean isDecided(Setting within, Operation operation) {
        for (Setting at = within; at != null; at = at.outer()) {
            boolean branch = at.kind() == Setting.Kind.BRANCH || at.kind() == Setting.Kind.REST
                    || at.kind() == Setting.Kind.ABSENCE || at.kind() == Setting.Kind.PRESENCE;
            if (branch && at.about().stream().anyMatch(on -> isInput(on, operation))) {
                return true;
            }
        }
        return false;
    }

    /** A setting stays while it is asked for; a field that the operation moves on is where it stands in its work. */
    private static boolean isInput(Flow flow, Operation operation) {
        return flow.any(origin -> switch (origin) {
            case Origin.OfField(Field field, boolean own) ->
                field.kind() != FieldDeclared.Kind.CONSTANT && (!own || !changes(operation, field));
            case Origin.Result(Operation callee, Origin receiver) ->
                !(receiver instanceof Origin.Self) || !moves(callee);
            case Origin.OfParameter _, Origin.ElementOf _ -> true;
            case Origin.Self(CodeType of) -> of.kind() == TypeKind.ENUM; // which of its constants it is
            case Origin.OfFunctionParameter _, Origin.Fresh _, Origin.CopyOf _, Origin.OfFunction _,
                    Origin.Constant _, Origin.OfType _, Origin.Unknown _ ->
                false;
        });
    }

    /** A step of its own that moves it on: what comes of it is how far the work has come. */
    private static boolean moves(Operation step) {
        return step != null && step.deeds().stream().map(Creation::changed).anyMatch(Objects::nonNull);
    }

    /** The field that gets another value, or more of it; null for other deeds. */
    private static Field changed(Deed deed) {
        return switch (deed) {
            case Deed.Sets sets -> sets.field();
            case Deed.Stores stores when stores.index() == null -> Origins.whole(stores.container().first());
            default -> null;
        };
    }

    private static boolean changes(Operation operation, Field field) {
        return operation.reached()
                .stream()
                .flatMap(reached -> reached.deeds().stream())
                .anyMatch(deed -> changed(deed) == field);
    }

    /** A table of creators in a field, functions or types: the one found by key is called for the object. */
    private static void table(Model model, Operation operation, Map<CodeType, SourceSpan> found) {
        for (Flow value : Origins.returned(operation)) {
            for (Origin origin : value.origins()) {
                if (origin instanceof Origin.Result(Operation _, Origin of) && of != null
                        && writtenOut(of, true) != null) {
                    writtenHere(operation, of, found);
                }
                if (origin instanceof Origin.Result(Operation callee, Origin.OfField(Field creator, boolean own))
                        && isOfChosen(creator, own, operation) && callee != null && isFunction(callee.home())) {
                    creators(model, creator, false, found);
                }
                if (origin instanceof Origin.Result(Operation callee, Origin of)
                        && behind(callee, of) instanceof Origin.ElementOf(Origin container)) {
                    Origin receiver = behind(callee, of);
                    Field field = Origins.field(receiver);
                    boolean types = callee == null || callee.home().external();
                    if (field != null && (callee != null || isMaking(model, operation, receiver, field))) {
                        creators(model, field, types, found);
                    }
                    if (container instanceof Origin.OfType(CodeType type)) { // a table written in place
                        found.putIfAbsent(type, operation.place());
                    }
                }
            }
        }
    }

    /** A creator that lies in an entry, of which one was picked, or in one constant of an enumeration. */
    private static boolean isOfChosen(Field creator, boolean own, Operation operation) {
        return own
                ? operation.home().kind() == TypeKind.ENUM && !creator.isStatic()
                : creator.home() != operation.home() || creator.home().kind() == TypeKind.ENUM;
    }

    private static boolean isFunction(CodeType type) {
        return type.kind() == TypeKind.FUNCTION || type.external();
    }

    /** A table of functions that the operation writes itself: any of them may be the one that is called. */
    private static void writtenHere(Operation operation, Origin asked, Map<CodeType, SourceSpan> found) {
        for (Deed deed : operation.deeds()) {
            List<Origin> any = deed instanceof Deed.Calls calls && calls.receiver().origins().contains(asked)
                    ? calls.receiver().origins()
                    : List.of();
            for (Origin one : any) {
                CodeType functions = writtenOut(one, any.size() > 1);
                if (functions != null) {
                    functions.operations().forEach(own -> made(own, found));
                }
            }
        }
    }

    private static CodeType writtenOut(Origin one, boolean several) {
        return switch (one) {
            case Origin.OfFunction(CodeType function) when several -> function;
            case Origin.ElementOf(Origin.Fresh(CodeType object)) when object.anonymous()
                    && object.kind() == TypeKind.OBJECT ->
                object;
            case Origin.ElementOf(Origin.OfFunction(CodeType function)) -> function;
            default -> null;
        };
    }

    private static void made(Operation own, Map<CodeType, SourceSpan> found) {
        fresh(own).forEach(found::putIfAbsent);
        Origins.returned(own).forEach(value -> ofOwner(value.first()).forEach(found::putIfAbsent));
    }

    /** What an object is asked of that makes one of a type by way of the library's mirror of it. */
    private static Origin behind(Operation callee, Origin receiver) {
        return callee != null && callee.home().external() && LibraryKnowledge.of(callee.home()).makes(callee.name())
                && receiver instanceof Origin.Result(Operation mirror, Origin of) && mirror != null
                && mirror.home().external() ? of : receiver;
    }

    /** True when what comes from there is called as a function, or asked for a new object, or made. */
    private static boolean isMaking(Model model, Operation operation, Origin from, Field table) {
        Set<CodeType> registered = Registered.in(model).types().getOrDefault(table, Map.of()).keySet();
        return operation.deeds().stream().anyMatch(deed -> switch (deed) {
            case Deed.Calls calls -> calls.receiver().origins().contains(from)
                    && (calls.name().equals(Value.APPLY) || LibraryKnowledge.of(operation.home()).makes(calls.name()));
            case Deed.Creates creates -> registered.contains(creates.type())
                    || Kept.typesPutInto(table).containsKey(creates.type());
            default -> false;
        });
    }

    private static void creators(Model model, Field field, boolean types, Map<CodeType, SourceSpan> found) {
        Registered others = Registered.in(model);
        Set<CodeType> functions = Kept.putInto(field);
        CodeType held = field.held().type().type();
        if (held != null && held.anonymous() && held.kind() == TypeKind.OBJECT) {
            functions.add(held); // functions under names, written in place
        }
        functions.addAll(others.functions().getOrDefault(field, Map.of()).keySet());
        for (CodeType function : functions) {
            function.operations().forEach(own -> made(own, found));
        }
        if (types) {
            Kept.typesPutInto(field).forEach(found::putIfAbsent);
            others.types().getOrDefault(field, Map.of()).forEach(found::putIfAbsent);
        }
    }

    /** What an operation makes that a function asks of the object around it. */
    private static Map<CodeType, SourceSpan> ofOwner(Origin value) {
        return value instanceof Origin.Result(Operation asked, Origin.Self(CodeType owner)) && asked != null
                && asked.home() == owner ? fresh(asked) : Map.of();
    }

    /** The nearest abstraction above all objects that the forms of an operation make; null when there is none. */
    static CodeType common(Operation operation) {
        Set<CodeType> shared = null;
        List<Operation> forms = new ArrayList<>(operation.overriders());
        forms.add(operation);
        for (Operation form : forms) {
            for (CodeType made : fresh(form).keySet()) {
                Set<CodeType> above = new LinkedHashSet<>(Hierarchy.above(made));
                above.removeIf(CodeType::external);
                if (shared == null) {
                    shared = above;
                } else {
                    shared.retainAll(above);
                }
            }
        }
        return shared == null || shared.isEmpty() ? null : shared.iterator().next();
    }

    /** What one field of the object holds goes to another of the new one: that one is turned round, not a copy. */
    static boolean exchanges(Deed.Creates creates) {
        List<Deed> deeds = creates.constructor() == null ? List.of() : creates.constructor().deeds();
        return deeds.stream().anyMatch(deed -> {
            Origin value = deed instanceof Deed.Sets sets && sets.own() ? sets.value().first() : null;
            Origin.OfParameter parameter = value == null ? null : Origins.parameter(value, creates.constructor());
            return parameter != null && parameter.index() < creates.arguments().size()
                    && creates.arguments()
                            .get(parameter.index())
                            .first() instanceof Origin.OfField(Field from, boolean own)
                    && own && from.home() == creates.type() && from != ((Deed.Sets) deed).field();
        });
    }
}
