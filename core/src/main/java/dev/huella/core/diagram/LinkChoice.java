package dev.huella.core.diagram;

import dev.huella.core.diagram.ClassDiagram.Ending;
import dev.huella.core.diagram.ClassDiagram.Link;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Relation;
import dev.huella.core.model.Relation.Kind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Which relations between the types shown are drawn: of several weak ones between two types only the most telling. */
final class LinkChoice {
    private static final List<String> TELLING = List.of("create", "call", "use", "refine");

    private LinkChoice() {}

    static List<Link> between(Model model, Boxes boxes, Set<Reach> along, Predicate<Relation> broken) {
        Map<List<CodeType>, List<Relation>> pairs = new HashMap<>();
        List<List<CodeType>> order = new ArrayList<>();
        Set<CodeType> shown = boxes.types();
        for (Relation relation : model.relations()) {
            boolean inside = shown.contains(relation.from()) && shown.contains(relation.to())
                    && !isWrittenInPlace(relation) && along.contains(Reach.of(relation));
            if (inside && (relation.from() != relation.to() || relation.kind() != Kind.DEPENDENCY)) {
                List<CodeType> pair = List.of(relation.from(), relation.to());
                pairs.computeIfAbsent(pair, key -> {
                    order.add(key);
                    return new ArrayList<>();
                }).add(relation);
            }
        }
        List<Link> links = new ArrayList<>();
        for (List<CodeType> pair : order) {
            chosen(pairs.get(pair), pairs.getOrDefault(List.of(pair.get(1), pair.get(0)), List.of()), broken)
                    .forEach(relation -> links.add(link(relation, boxes, broken.test(relation))));
        }
        return links;
    }

    /** Where a function or a type without a name is written says nothing that its other lines do not say. */
    static boolean isWrittenInPlace(Relation relation) {
        return relation.kind() == Kind.NESTING
                && (relation.from().kind() == TypeKind.FUNCTION || relation.from().anonymous());
    }

    /** {@code back}: what leads the other way; that a type mentions what inherits from it says little beside that. */
    private static List<Relation> chosen(List<Relation> all, List<Relation> back, Predicate<Relation> broken) {
        boolean tied = Stream.concat(all.stream(), back.stream()).anyMatch(relation -> relation.kind() != Kind.NESTING);
        List<Relation> strong = all.stream()
                .filter(relation -> relation.kind() != Kind.DEPENDENCY && !(tied && relation.kind() == Kind.NESTING))
                .toList();
        boolean inherited = back.stream().anyMatch(relation -> Reach.of(relation) == Reach.INHERITANCE);
        List<Relation> found = new ArrayList<>(strong);
        all.stream()
                .filter(relation -> relation.kind() == Kind.DEPENDENCY)
                .filter(relation -> broken.test(relation) || strong.isEmpty() && !inherited
                        || relation.stereotype().equals("create")
                                && strong.stream().noneMatch(other -> other.kind() == Kind.COMPOSITION))
                .min(Comparator.comparing((Relation relation) -> !broken.test(relation))
                        .thenComparing(relation -> TELLING.indexOf(relation.stereotype())))
                .ifPresent(found::add);
        return found;
    }

    private static Link link(Relation relation, Boxes boxes, boolean broken) {
        Ending ending = Ending.valueOf(relation.kind().name());
        String label = ending == Ending.DEPENDENCY ? "«" + relation.stereotype() + "»" : "";
        return new Link(ending, boxes.id(relation.from()), boxes.id(relation.to()), label, relation.role(),
                relation.multiplicity() == null ? "" : relation.multiplicity().text(), broken,
                relation.places().stream().findFirst().orElse(null));
    }
}
