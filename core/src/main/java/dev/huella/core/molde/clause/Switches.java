package dev.huella.core.molde.clause;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.model.TypeUse;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.source.SourceSpan;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What decides about branches: keys, flags, kinds, and whether something is there. */
final class Switches {
    private static final int MANY = 3;
    private static final Set<String> TRUTH = Set.of("boolean", "bool", "Bool", "Boolean", "java.lang.Boolean");

    private static final Set<String> NUMBERS = Set.of("int", "long", "short", "byte", "float", "double", "Int",
            "Double",
            "number", "Integer", "Float", "uint", "decimal", "Long");

    private Switches() {}

    /** True inside a branch that compares a plain value which is not only asked to be there. */
    static boolean byKey(Operation operation, Setting within) {
        for (Setting at = within; at != null; at = at.outer()) {
            boolean branch = at.kind() == Setting.Kind.BRANCH || at.kind() == Setting.Kind.REST;
            if (branch && at.about().stream().anyMatch(flow -> isKey(flow, operation)) && !asksKind(operation, at)) {
                return true;
            }
        }
        return false;
    }

    private static boolean asksKind(Operation operation, Setting setting) {
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.AsksKind asks && setting.about()
                        .stream()
                        .anyMatch(flow -> flow.origins().equals(asks.value().origins())));
    }

    private static boolean isKey(Flow flow, Operation operation) {
        CodeType type = flow.type().erased();
        boolean plain = type == null || type.external() || type.kind() == TypeKind.ENUM;
        boolean given = flow.any(origin -> switch (origin) {
            case Origin.OfParameter _, Origin.OfField _, Origin.ElementOf _, Origin.OfFunctionParameter _ -> true;
            case Origin.Result(Operation _, Origin receiver) -> receiver != null;
            default -> false;
        });
        return plain && given && !isTruth(flow);
    }

    static boolean isTruth(Flow flow) {
        return isTruth(flow.type());
    }

    static boolean isTruth(TypeUse type) {
        return type.dimensions() == 0
                && TRUTH.contains(type.type() == null ? type.text() : type.type().qualifiedName());
    }

    /** Fields that are true or false and decide about parts of the operation. */
    static Map<Field, SourceSpan> flags(Operation operation) {
        Map<Field, SourceSpan> flags = new LinkedHashMap<>();
        settings(operation).forEach((origin, at) -> {
            Field field = Origins.whole(origin);
            if (field != null) {
                flags.putIfAbsent(field, at);
            }
        });
        return flags;
    }

    /** How many fields and parameters that are true or false decide about parts of the operation. */
    static int count(Operation operation) {
        return operation.kind() == Kind.OPERATION ? settings(operation).size() : 0;
    }

    /** What is true or false, decides about parts of the operation and is not changed by it, each with the first place. */
    private static Map<Origin, SourceSpan> settings(Operation operation) {
        Map<Origin, SourceSpan> settings = new LinkedHashMap<>();
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Chooses chooses) {
                for (Flow flow : chooses.on()) {
                    Field field = flow.first() instanceof Origin.OfField(Field kept, boolean _)
                            ? kept
                            : Origins.whole(flow.first());
                    boolean kept = field != null && field.held().container() == null && !sets(operation, field);
                    if (kept && (isTruth(flow) || isOnlyAsked(field, flow))
                            || isTruth(flow) && flow.first() instanceof Origin.OfParameter) {
                        settings.putIfAbsent(flow.first(), chooses.at());
                    }
                }
            }
        }
        return settings;
    }

    private static boolean sets(Operation operation, Field field) {
        return operation.deeds().stream().anyMatch(deed -> deed instanceof Deed.Sets sets && sets.field() == field);
    }

    /** A field of which no type is known, taken from what its object was made with: all that is done with it is ask whether it is so. */
    private static boolean isOnlyAsked(Field field, Flow flow) {
        boolean[] taken = {false};
        return flow.type().isUnknown() && field.home()
                .operations()
                .stream()
                .flatMap(operation -> operation.deeds().stream())
                .allMatch(deed -> switch (deed) {
                    case Deed.Calls calls -> !calls.receiver().any(origin -> Origins.field(origin) == field)
                            && calls.arguments().stream().noneMatch(given -> isOf(given, field));
                    case Deed.Creates creates -> creates.arguments().stream().noneMatch(given -> isOf(given, field));
                    case Deed.Sets sets when sets.field() == field -> {
                        taken[0] = true;
                        yield sets.value().first() == Origin.UNKNOWN;
                    }
                    case Deed.Sets sets -> !isOf(sets.value(), field);
                    case Deed.Returns returns -> !isOf(returns.value(), field);
                    case Deed.GoesThrough through -> !isOf(through.over(), field);
                    case Deed.Chooses chooses -> chooses.on().stream().noneMatch(on -> isOf(on, field))
                            || chooses.branches() <= 2
                                    && chooses.on().stream().allMatch(on -> isOf(on, field) || isAround(on));
                    default -> true;
                }) && taken[0];
    }

    private static boolean isOf(Flow flow, Field field) {
        return flow != null && flow.any(origin -> Origins.field(origin) == field);
    }

    /** Fields whose value is what a choice goes by; those that are true or false, or only there or not, are none. */
    static Set<Field> kinds(Operation operation, Deed.Chooses chooses) {
        List<Flow> on = chooses.on();
        if (on.stream().allMatch(flow -> kept(flow.first()) == null)) {
            return Set.of();
        }
        Set<Field> fields = new LinkedHashSet<>();
        boolean asked = on.stream()
                .flatMap(flow -> flow.origins().stream())
                .anyMatch(origin -> origin instanceof Origin.Result(Operation callee, Origin _)
                        && (callee == null || !Bodies.reports(callee)));
        for (Flow flow : on) {
            Field field = kept(flow.first());
            boolean compares = chooses.branches() > 1 || on.stream().anyMatch(Switches::isTruth);
            boolean sole = compares && on.stream().allMatch(other -> other == flow || isAround(other))
                    && (chooses.branches() > 2 || !isNumber(flow));
            boolean compared = on.stream().anyMatch(other -> other != flow && isConstant(other));
            CodeType type = flow.type().erased();
            boolean plain = type == null || type.external() || type.kind() == TypeKind.ENUM;
            if (field != null && !field.isStatic() && plain && !isTruth(flow) && !asked
                    && (compared || sole && !isOnlyMissed(flow, chooses, operation)) && field.held().container() == null
                    && flow.type().dimensions() == 0) {
                fields.add(field);
            }
        }
        return fields;
    }

    private static boolean isOnlyMissed(Flow flow, Deed.Chooses chooses, Operation operation) {
        return chooses.branches() <= 2 && operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.TestsAbsence tests && chooses.at().line() == tests.at()
                        .line() && tests.value().origins().equals(flow.origins()));
    }

    private static boolean isNumber(Flow flow) {
        return flow.type().type() == null && NUMBERS.contains(flow.type().text());
    }

    private static boolean isAround(Flow flow) {
        return flow.origins()
                .stream()
                .allMatch(origin -> origin instanceof Origin.Self || origin instanceof Origin.OfType
                        || origin instanceof Origin.Unknown || origin instanceof Origin.OfParameter
                        || origin instanceof Origin.ElementOf);
    }

    private static boolean isConstant(Flow flow) {
        return flow.any(origin -> origin instanceof Origin.Constant(String text) && !text.equals("null")
                || origin instanceof Origin.OfField(Field field, boolean _) && field.isStatic());
    }

    private static Field kept(Origin origin) {
        return switch (origin) {
            case Origin.OfField(Field field, boolean _) -> field;
            case Origin.Result(Operation getter, Origin _) when getter != null && Bodies.reports(getter) ->
                Origins.returned(getter)
                        .stream()
                        .flatMap(flow -> flow.origins().stream())
                        .map(Origins::whole)
                        .filter(field -> field != null)
                        .findFirst()
                        .orElse(null);
            default -> null;
        };
    }

    /** Told of a type, a field and the first of three or more places. */
    @FunctionalInterface
    interface Tests {
        void tested(CodeType type, Field field, SourceSpan at);
    }

    static void absenceTests(Model model, Tests to) {
        for (CodeType type : model.types()) {
            Map<Field, Set<SourceSpan>> places = new LinkedHashMap<>();
            for (Operation operation : type.operations()) {
                for (Deed deed : operation.deeds()) {
                    if (deed instanceof Deed.TestsAbsence tests
                            && tests.value().first() instanceof Origin.OfField(Field field, boolean _)
                            && isUsed(operation, field) && !fills(operation, field)) {
                        places.computeIfAbsent(field, key -> new LinkedHashSet<>()).add(tests.at());
                    }
                }
            }
            places.forEach((field, at) -> {
                CodeType held = field.held().type().erased();
                boolean object = held != null && field.held().container() == null
                        && !LibraryKnowledge.of(held).plain(held);
                if (at.size() >= MANY && object) {
                    to.tested(type, field, at.iterator().next());
                }
            });
        }
    }

    private static boolean isUsed(Operation operation, Field field) {
        CodeType held = field.held().type().erased();
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Calls calls && calls.receiver()
                        .any(origin -> origin instanceof Origin.OfField(Field of, boolean _) && of == field))
                || operation.reads().stream().anyMatch(read -> read.home() == held && !read.isStatic());
    }

    private static boolean fills(Operation operation, Field field) {
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Sets sets && sets.field() == field
                        && !sets.value().origins().equals(List.of(Origin.NOTHING)));
    }
}
