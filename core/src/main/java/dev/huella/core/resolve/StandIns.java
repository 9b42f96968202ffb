package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Where no type is written, an object that offers exactly what one of its fields offers, and answers by asking that
 * field for the same, can stand in that one's place: both get a shape in common. So does one that hands on to a field
 * whatever it does not answer itself.
 */
final class StandIns {
    private final Resolution world;
    private final Set<CodeType> refined = new HashSet<>();
    private final Set<String> asked = new HashSet<>();
    private final Map<CodeType, CodeType> shapes = new HashMap<>();

    private StandIns(Resolution world) {
        this.world = world;
    }

    /** Looks at types whose bodies were resolved. */
    static void resolve(Resolution world, List<CodeType> types) {
        HandedOn.mark(types);
        var standIns = new StandIns(world);
        types.forEach(type -> type.supertypes().forEach(use -> standIns.refined.add(use.type())));
        types.forEach(type -> type.operations().forEach(standIns::ask));
        Map<Field, CodeType> fields = new LinkedHashMap<>();
        for (CodeType type : types) {
            for (Field field : type.kind() == TypeKind.CLASS || type.kind() == TypeKind.OBJECT
                    ? type.fields()
                    : List.<Field>of()) {
                CodeType held = field.type().dimensions() > 0 ? null : field.type().type();
                if (held != null && (handsOn(field, held)
                        || type.kind() == TypeKind.CLASS && standIns.isOther(type, held)
                                && standIns.isLike(type, held))) {
                    fields.put(field, held);
                }
            }
        }
        for (boolean onward : new boolean[]{false, true}) { // what hands on itself tells only a part of what it answers
            fields.forEach((field, held) -> {
                if (onward == held.fields().stream().anyMatch(one -> one.modifiers().has(Mark.DELEGATE))) {
                    standIns.join(field, held);
                }
            });
        }
        types.stream().filter(type -> type.kind() == TypeKind.CLASS).forEach(standIns::wraps);
        standIns.retype(fields.keySet());
        DelegateResolver.resolve(fields.keySet().stream().map(Field::home).distinct().toList(), world.supertypes);
    }

    /** What asks the object it holds for all that is asked of that one, and answers the same itself, is one of its kind. */
    private void wraps(CodeType type) {
        Map<String, Operation> own = open(type);
        for (Field field : type.fields()) {
            CodeType held = field.type().dimensions() > 0 ? null : field.type().type();
            if (held == null || !held.shape() || held.kind() != TypeKind.PROTOCOL || held.operations().isEmpty()
                    || world.supertypes.isA(type, held)) {
                continue;
            }
            long passed = held.operations()
                    .stream()
                    .map(asked -> own.get(asked.name()))
                    .filter(answer -> answer != null && passesOn(answer, held))
                    .count();
            if (passed == held.operations().size() && passed > 1 && isGivenOnce(field)) {
                world.supertypes.add(type, TypeUse.of(held));
            }
        }
    }

    /** Only set-up gives it a value, and that from outside. */
    private static boolean isGivenOnce(Field field) {
        List<Operation> setting = field.home()
                .operations()
                .stream()
                .filter(operation -> operation.deeds()
                        .stream()
                        .anyMatch(deed -> deed instanceof Deed.Sets sets && sets.field() == field))
                .toList();
        return setting.size() == 1 && setting.getFirst().isConstructor() && setting.getFirst()
                .deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Sets sets && sets.field() == field
                        && sets.value().first() instanceof Origin.OfParameter);
    }

    private boolean isOther(CodeType type, CodeType held) {
        return held != type && !refined.contains(held) && !held.external() && !held.shape() && !held.kind().promises()
                && held.kind() != TypeKind.MODULE && !world.supertypes.isA(type, held)
                && !world.supertypes.isA(held, type)
                && world.supertypes.above(type)
                        .stream()
                        .noneMatch(above -> !world.library.root(above) && world.supertypes.isA(held, above));
    }

    /** Hands on to the field whatever it does not answer itself, and answers nothing else. */
    private static boolean handsOn(Field field, CodeType held) {
        if (!field.modifiers().has(Mark.DELEGATE) || held == field.home() || held.external() || held.shape()) {
            return false;
        }
        Map<String, Operation> own = open(field.home());
        own.keySet().removeIf(name -> LibraryKnowledge.of(held).lists("answersAll", name));
        Set<String> answered = answered(held, new HashSet<>());
        return answered.containsAll(own.keySet()) && !answered.isEmpty();
    }

    /** Names of what a type answers, itself or through a field to which it hands on all else. */
    private static Set<String> answered(CodeType type, Set<CodeType> seen) {
        Set<String> names = new HashSet<>(open(type).keySet());
        for (Field field : seen.add(type) ? type.fields() : List.<Field>of()) {
            if (field.modifiers().has(Mark.DELEGATE) && field.type().type() != null) {
                names.addAll(answered(field.type().type(), seen));
            }
        }
        return names;
    }

    private boolean isLike(CodeType type, CodeType held) {
        Map<String, Operation> own = open(type);
        Set<String> helpers = new HashSet<>(own.keySet());
        Map<String, Field> read = read(held);
        helpers.removeAll(open(held).keySet());
        helpers.removeAll(read.keySet());
        helpers.removeIf(name -> asked.contains(name) || !isCalled(own.values(), name));
        own.keySet().removeAll(helpers);
        own.keySet().removeIf(name -> read.containsKey(name) && own.get(name).reads().contains(read.get(name)));
        if (own.isEmpty() || !own.keySet().equals(open(held).keySet())) {
            return false;
        }
        own.values().removeIf(operation -> isGiven(operation, held));
        long passed = own.values().stream().filter(operation -> passesOn(operation, held)).count();
        return passed >= 2 || passed == 1 && own.size() == 1 && hands(own.values().iterator().next(), held);
    }

    /** It only takes the other one, to keep it. */
    private static boolean isGiven(Operation operation, CodeType held) {
        return !operation.deeds().isEmpty() && operation.deeds()
                .stream()
                .allMatch(deed -> deed instanceof Deed.Returns || deed instanceof Deed.Sets sets && sets.own()
                        && sets.field().type().type() == held && sets.value().first() instanceof Origin.OfParameter);
    }

    /** Where nothing can be hidden, what only its own type calls is a helper. */
    private static boolean isCalled(Collection<Operation> by, String name) {
        return by.stream()
                .flatMap(operation -> operation.deeds().stream())
                .anyMatch(deed -> deed instanceof Deed.Calls calls && calls.name().equals(name));
    }

    private void ask(Operation operation) {
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Calls calls && !(calls.receiver().first() instanceof Origin.Self)) {
                asked.add(calls.name());
            }
        }
    }

    /** One shape for all that stand in for each other. */
    private void join(Field field, CodeType held) {
        CodeType type = field.home();
        CodeType shape = shapes.getOrDefault(held, shapes.get(type));
        if (shape == null) {
            shape = Shapes.of(held.name(), type, type.place(), TypeKind.PROTOCOL);
            for (Operation operation : open(held).values()) {
                shape.add(Shapes.promised(shape, operation.name(), operation.parameters(), operation.returns()));
            }
            world.slots.add(shape);
        }
        for (CodeType one : List.of(type, held)) {
            if (shapes.putIfAbsent(one, shape) == null) {
                world.supertypes.add(one, TypeUse.of(shape));
            }
        }
    }

    /** What was worked out to be one of them may be any of them. */
    private void retype(Set<Field> fields) {
        for (Field field : fields) {
            if (field.isInferred() && !field.isTypedByItsInput()) {
                field.inferred(TypeUse.of(shapes.get(field.home())));
                field.home().operations().stream().filter(Operation::isConstructor).forEach(this::retype);
            }
        }
    }

    private void retype(Operation constructor) {
        List<Parameter> parameters = constructor.parameters().stream().map(this::retyped).toList();
        constructor.signature(constructor.variables(), parameters, constructor.returns());
    }

    private Parameter retyped(Parameter parameter) {
        CodeType shape = parameter.type().dimensions() > 0 ? null : shapes.get(parameter.type().type());
        return parameter.inferred() && shape != null
                ? new Parameter(parameter.name(), TypeUse.of(shape), parameter.optional(), true)
                : parameter;
    }

    /** Fields that others may read; asking for one and calling an operation are written alike, or the reader is one. */
    private static Map<String, Field> read(CodeType type) {
        Map<String, Field> found = new HashMap<>();
        for (Field field : type.fields()) {
            if (!field.isStatic() && field.modifiers().visibility() == Visibility.PUBLIC) {
                found.put(field.name(), field);
            }
        }
        return found;
    }

    private static Map<String, Operation> open(CodeType type) {
        Map<String, Operation> found = new LinkedHashMap<>();
        for (Operation operation : type.operations()) {
            if (operation.kind() == Kind.OPERATION && !operation.isStatic()
                    && operation.modifiers().visibility() == Visibility.PUBLIC) {
                found.putIfAbsent(operation.name(), operation);
            }
        }
        return found;
    }

    /** All that the first answers the second offers too, and for some of it the first asks the second. */
    static boolean offersNoMore(CodeType type, CodeType held) {
        Map<String, Operation> own = open(type);
        return open(held).keySet().containsAll(own.keySet())
                && own.values().stream().anyMatch(operation -> passesOn(operation, held));
    }

    private static boolean passesOn(Operation operation, CodeType held) {
        return operation.deeds().stream().anyMatch(deed -> isSame(deed, operation, held));
    }

    /** It asks the other one for the same; who hands itself over speaks to the other, and does not stand in for it. */
    private static boolean isSame(Deed deed, Operation operation, CodeType held) {
        return deed instanceof Deed.Calls calls && calls.name().equals(operation.name()) && calls.callee() != null
                && calls.callee().home() == held && takesAsMany(operation, calls.callee())
                && calls.arguments().stream().noneMatch(argument -> argument.anyOf(Origin.Self.class));
    }

    /** Whoever calls the one could call the other with what it gives. */
    private static boolean takesAsMany(Operation one, Operation other) {
        return needed(one) <= most(other) && needed(other) <= most(one);
    }

    private static long needed(Operation operation) {
        return operation.parameters().stream().filter(one -> !one.optional()).count();
    }

    private static long most(Operation operation) {
        List<Parameter> all = operation.parameters();
        boolean any = LibraryKnowledge.of(operation.home()).rule(Rule.SPARE_ARGUMENTS)
                || !all.isEmpty() && all.getLast().type().dimensions() > 0;
        return any ? Long.MAX_VALUE : all.size();
    }

    /** The only operation there is takes or gives something, which makes chance less likely. */
    private static boolean hands(Operation operation, CodeType held) {
        return !operation.parameters().isEmpty() || operation.deeds()
                .stream()
                .anyMatch(deed -> isSame(deed, operation, held) && deed instanceof Deed.Calls calls && calls.used());
    }
}
