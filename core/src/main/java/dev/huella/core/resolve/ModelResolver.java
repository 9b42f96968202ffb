package dev.huella.core.resolve;

import dev.huella.core.facts.FileFacts;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Element;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Model;
import dev.huella.core.model.Model.FileRead;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Relation;
import dev.huella.core.model.TypeUse;
import dev.huella.core.resolve.TypeDeclarer.Declared;
import dev.huella.core.source.Work;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;

/** From the facts of all files to one resolved model. Files must come in path order; the result is the same each time. */
public final class ModelResolver {
    private final Resolution world = new Resolution();
    private final List<FileFacts> files;
    private final Work work;

    private ModelResolver(List<FileFacts> files, Work work) {
        this.files = files;
        this.work = work;
    }

    public static Model resolve(List<FileFacts> files, Work work) {
        return new ModelResolver(files, work).run();
    }

    private Model run() {
        files.forEach(world.declarer::declare);
        var heads = new HeadResolver(world.names, world.declarer);
        heads.supertypes();
        world.supertypes.settle();
        List<List<Declared>> byFile = byFile();
        byFile.parallelStream().forEach(group -> group.forEach(heads::members));
        bodies(byFile);
        world.index.settleOutside();
        List<CodeType> types = allTypes();
        OverrideResolver.resolve(types, world.supertypes);
        FieldResolver.resolve(types, world.library);
        List<Relation> relations = new RelationResolver(world.library).relations(types);
        List<FileRead> read = files.stream()
                .map(file -> new FileRead(file.path(), file.language(), file.lines(), file.problems()))
                .toList();
        return new Model(read, types, outside(types), touched(types), relations);
    }

    private List<List<Declared>> byFile() {
        Map<String, List<Declared>> groups = new LinkedHashMap<>();
        world.declarer.all()
                .forEach(declared -> groups
                        .computeIfAbsent(declared.facts().at().file(), key -> new ArrayList<>())
                        .add(declared));
        return List.copyOf(groups.values());
    }

    private void bodies(List<List<Declared>> byFile) {
        var bodies = new BodyResolver(world);
        var done = new AtomicLong();
        byFile.parallelStream().forEach(group -> {
            if (!work.stopped()) {
                group.stream()
                        .filter(declared -> declared.type().outer() == null)
                        .forEach(declared -> bodies.bodies(declared.facts(), null));
            }
            work.progress(Work.Stage.RESOLVING, done.incrementAndGet(), byFile.size());
        });
    }

    /** Declared types in the order of the text, each followed by the functions that its text holds. */
    private List<CodeType> allTypes() {
        List<CodeType> types = new ArrayList<>();
        for (Declared declared : world.declarer.all()) {
            types.add(declared.type());
            for (CodeType function : world.functions.in(declared.type())) {
                declared.type().add(function);
                types.add(function);
            }
        }
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
        List<CodeType> closed = new ArrayList<>(found.stream().filter(CodeType::external).toList());
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
