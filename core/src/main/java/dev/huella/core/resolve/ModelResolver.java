package dev.huella.core.resolve;

import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.TypeDeclared.Standing;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Element;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Model;
import dev.huella.core.model.Model.FileRead;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Relation;
import dev.huella.core.model.TypeUse;
import dev.huella.core.resolve.SlotInference.Shaping;
import dev.huella.core.resolve.TypeDeclarer.Declared;
import dev.huella.core.source.Problem;
import dev.huella.core.source.Work;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;

/** From the facts of all files to one resolved model. Files must come in path order; the result is the same each time. */
public final class ModelResolver {
    private static final int MOST_READINGS = 6;
    private final Resolution world;
    private final List<FileFacts> files;
    private final Work work;

    private ModelResolver(List<FileFacts> files, Work work) {
        this.world = new Resolution(files.getFirst().language());
        this.files = files;
        this.work = work;
    }

    /** Languages that do not share their types are resolved apart and stand side by side in the model. */
    public static Model resolve(List<FileFacts> files, Work work) {
        Map<String, List<FileFacts>> families = new LinkedHashMap<>();
        files.forEach(file -> families
                .computeIfAbsent(LibraryKnowledge.family(file.language()), key -> new ArrayList<>())
                .add(file));
        List<CodeType> types = new ArrayList<>();
        List<CodeType> outside = new ArrayList<>();
        List<Element> touched = new ArrayList<>();
        List<Relation> relations = new ArrayList<>();
        Map<String, List<Problem>> tooDeep = new HashMap<>();
        for (List<FileFacts> family : families.values()) {
            var resolver = new ModelResolver(family, work);
            List<CodeType> own = resolver.run(relations);
            resolver.world.tooDeep
                    .forEach(problem -> tooDeep.computeIfAbsent(problem.file(), key -> new ArrayList<>()).add(problem));
            types.addAll(own);
            outside.addAll(outside(own));
            touched.addAll(touched(own));
        }
        List<FileRead> read = files.stream()
                .map(file -> new FileRead(file.path(), file.language(), file.lines(),
                        Stream.concat(file.problems().stream(), tooDeep.getOrDefault(file.path(), List.of()).stream())
                                .sorted()
                                .toList()))
                .toList();
        return new Model(read, types, outside, touched, relations);
    }

    private List<CodeType> run(List<Relation> relations) {
        files.forEach(world.declarer::declare);
        world.declarer.extend(world.names);
        world.declarer.choose(world.names);
        var heads = new HeadResolver(world);
        heads.supertypes();
        var choices = new Choices(world);
        choices.supertypes();
        List<CodeType> declared = world.declarer.all().stream().filter(Declared::first).map(Declared::type).toList();
        world.supertypes.settle(declared);
        List<List<Declared>> groups = groups();
        groups.parallelStream().forEach(group -> group.forEach(heads::members));
        choices.members();
        InheritedFields.settle(declared, world);
        world.library.listenerLists().settle(declared, world);
        DelegateResolver.resolve(declared, world.supertypes);
        declared.forEach(CodeType::headsRead);
        world.index.settleModules(declared);
        OverrideResolver.resolve(declared, world.supertypes);
        inferring(groups, declared);
        bodies(groups);
        world.index.settleOutside();
        StructuralTypes.resolve(world, declared);
        ObjectsInPlace.resolve(declared, world.library);
        List<CodeType> types = allTypes();
        OverrideResolver.resolve(types.stream()
                .filter(type -> type.kind() == TypeKind.FUNCTION || world.supertypes.gained(type)
                        || world.supertypes.above(type).stream().anyMatch(world.index::isBare))
                .toList(), world.supertypes);
        RefusalResolver.resolve(types, world.library);
        SilentResults.resolve(types, world.library);
        InheritedResults.resolve(types);
        LaterResults.resolve(types);
        FieldResolver.resolve(types, world.library);
        relations.addAll(RelationResolver.relations(types, world.library));
        OwnHelpers.takeIn(types);
        return types;
    }

    /** Bodies are read again with what the first readings showed of places without a type. */
    private void inferring(List<List<Declared>> groups, List<CodeType> declared) {
        boolean dynamic = world.library.rule(Rule.DYNAMIC);
        if (files.stream().allMatch(file -> file.language().equals("java"))) {
            return; // all types are written
        }
        var inference = new SlotInference(world);
        world.inferring = true;
        boolean more = true;
        for (int round = 1; more; round++) {
            bodies(groups);
            StructuralTypes.resolve(world, declared);
            List<CodeType> all = new ArrayList<>(declared);
            List<CodeType> functions = declared.stream().flatMap(type -> world.functions.in(type).stream()).toList();
            OverrideResolver.resolve(functions, world.supertypes);
            OverrideResolver.resolve(declared.stream().filter(world.supertypes::gained).toList(), world.supertypes);
            all.addAll(functions);
            OwnHelpers.takeIn(all);
            boolean gained = world.late.settle(world) | world.entries.settle();
            gained |= dynamic && HookResolver.resolveOthers(world, declared);
            more = (infer(inference, all, round) || gained) && round < (dynamic ? MOST_READINGS : 2);
            if (round == 1) {
                HookResolver.resolve(world, declared);
            }
            if (dynamic && !more) {
                StandIns.resolve(world, declared);
                ShapeUnion.resolve(world, declared);
            }
            OverrideResolver.resolve(declared.stream().filter(world.supertypes::gained).toList(), world.supertypes);
            world.library.listenerLists().settle(declared, world);
            world.library.listenerLists().fronts(declared, world);
            declared.forEach(CodeType::forgetBodies);
            world.functions.clear();
        }
        world.inferring = false;
    }

    /** False when there is nothing new to learn, with all the shapes that may be made. */
    private boolean infer(SlotInference inference, List<CodeType> all, int round) {
        Shaping[] stages = Shaping.values();
        int first = world.library.rule(Rule.DYNAMIC) ? Math.clamp(round - 2, 0, stages.length - 1) : round == 1 ? 0 : 2;
        for (int stage = first; stage < stages.length; stage++) {
            if (inference.infer(all, stages[stage])) {
                return true;
            }
        }
        return false;
    }

    /** Declarations by file; files that add to one type are one group, so that one thread fills a type. */
    private List<List<Declared>> groups() {
        Map<String, String> leader = new HashMap<>();
        for (Declared declared : world.declarer.all()) {
            String own = leader(leader, declared.facts().at().file());
            String home = leader(leader, declared.type().place().file());
            leader.put(own, home);
        }
        Map<String, List<Declared>> groups = new LinkedHashMap<>();
        for (boolean adding : new boolean[]{false, true}) {
            world.declarer.all()
                    .stream()
                    .filter(declared -> adding == (declared.facts().standing() == Standing.EXTENSION))
                    .forEach(declared -> groups
                            .computeIfAbsent(leader(leader, declared.facts().at().file()), key -> new ArrayList<>())
                            .add(declared));
        }
        return List.copyOf(groups.values());
    }

    private static String leader(Map<String, String> leaders, String file) {
        String at = file;
        for (String next = leaders.get(at); next != null && !next.equals(at); next = leaders.get(at)) {
            at = next;
        }
        return at;
    }

    private void bodies(List<List<Declared>> byFile) {
        var bodies = new BodyResolver(world);
        var done = new AtomicLong();
        byFile.parallelStream().forEach(group -> {
            if (!work.stopped()) {
                group.stream()
                        .filter(Declared::top)
                        .forEach(declared -> bodies.bodies(declared.facts(), null));
            }
            work.progress(Work.Stage.RESOLVING, done.incrementAndGet(), byFile.size());
        });
    }

    /** Declared types in the order of the text, each followed by the functions that its text holds. */
    private List<CodeType> allTypes() {
        List<CodeType> types = new ArrayList<>();
        for (Declared declared : world.declarer.all()) {
            if (!declared.first()) {
                continue;
            }
            types.add(declared.type());
            for (CodeType function : world.functions.in(declared.type())) {
                declared.type().add(function);
                types.add(function);
            }
        }
        Set<CodeType> used = new LinkedHashSet<>();
        var nesting = new Nesting(world.library);
        for (CodeType type : types) {
            type.supertypes().forEach(use -> used.add(use.type()));
            type.fields().forEach(field -> used.add(nesting.innermost(field.type()).type())); // nobody may fill it yet
        }
        world.slots.stream()
                .filter(used::contains)
                .sorted(Comparator.comparing(CodeType::place).thenComparing(CodeType::qualifiedName))
                .forEach(types::add);
        for (CodeType type : types) {
            for (TypeUse above : type.supertypes()) {
                if (above.type() != null) {
                    above.type().addSubtype(type);
                }
            }
        }
        return types;
    }

    private static List<CodeType> outside(List<CodeType> types) {
        Set<CodeType> found = new LinkedHashSet<>();
        for (CodeType type : types) {
            type.supertypes().stream().map(TypeUse::type).filter(above -> above != null).forEach(found::add);
            type.mentions().stream().map(Mention::to).forEach(found::add);
            for (Operation operation : type.operations()) {
                operation.overridden().forEach(over -> found.add(over.home()));
                operation.deeds().forEach(deed -> named(deed, found));
            }
            type.fields()
                    .stream()
                    .map(field -> field.held().type().erased())
                    .filter(held -> held != null)
                    .forEach(found::add);
        }
        List<CodeType> closed = new ArrayList<>(
                found.stream().filter(CodeType::external).filter(type -> !type.shape()).toList());
        for (int i = 0; i < closed.size(); i++) {
            closed.get(i)
                    .supertypes()
                    .stream()
                    .map(TypeUse::type)
                    .filter(above -> above != null && above.external() && found.add(above))
                    .forEach(closed::add);
        }
        return closed.stream().sorted(Comparator.comparing(CodeType::qualifiedName)).toList();
    }

    private static void named(Deed deed, Set<CodeType> into) {
        CodeType type = switch (deed) {
            case Deed.Calls calls -> calls.callee() == null ? null : calls.callee().home();
            case Deed.Creates creates -> creates.type();
            case Deed.Throws thrown -> thrown.type();
            case Deed.AsksKind asks -> asks.kind();
            default -> null;
        };
        if (type != null) {
            into.add(type);
        }
    }

    private static List<Element> touched(List<CodeType> types) {
        Set<Operation> found = new LinkedHashSet<>();
        for (CodeType type : types) {
            for (Operation operation : type.operations()) {
                operation.overridden().stream().filter(over -> over.home().external()).forEach(found::add);
                for (Deed deed : operation.deeds()) {
                    if (deed instanceof Deed.Calls calls && calls.callee() != null
                            && calls.callee().home().external()) {
                        found.add(calls.callee());
                    }
                }
            }
        }
        return found.stream()
                .sorted(Comparator.comparing(Operation::toString))
                .map(operation -> (Element) operation)
                .toList();
    }
}
