package dev.huella.core.diagram;

import dev.huella.core.diagram.ClassDiagram.Box;
import dev.huella.core.diagram.ClassDiagram.Ending;
import dev.huella.core.diagram.ClassDiagram.Head;
import dev.huella.core.diagram.ClassDiagram.Link;
import dev.huella.core.diagram.ClassDiagram.Look;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Relation;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** Draws folded packages: one box for each, with one line for all that leads from one to another. */
final class Folding {
    /** Up to so many lines between folded packages, all can be followed; of more, only the strongest are drawn. */
    private static final int CLEAR = 30;
    private static final int STRONGEST = 3;
    private final View view;
    private final Map<CodeType, String> home = new HashMap<>();

    /** {@code types}: all that the diagram could show. */
    Folding(View view, Collection<CodeType> types) {
        this.view = view;
        if (view.framed() && !view.folded().isEmpty()) {
            Map<String, String> known = new HashMap<>();
            for (CodeType type : types) {
                String fold = type.external() ? null : known.computeIfAbsent(type.namespace(), this::fold);
                if (fold != null) {
                    home.put(type, fold);
                }
            }
        }
    }

    boolean holds(CodeType type) {
        return home.containsKey(type);
    }

    /** All that lead from or to something folded. */
    private record Bundle(String from, String to, Relation first, int count) {
        Bundle more() {
            return new Bundle(from, to, first, count + 1);
        }

        Link link() {
            return new Link(Ending.DEPENDENCY, from, to, "", "", "", false,
                    first.places().stream().findFirst().orElse(null));
        }
    }

    /** The diagram of the types that are not folded, with the folded packages and their lines added. */
    ClassDiagram added(ClassDiagram open, Boxes boxes, Model model) {
        if (home.isEmpty()) {
            return open;
        }
        List<Box> all = new ArrayList<>(open.boxes());
        boolean alone = all.stream().allMatch(box -> box.frame() == null);
        new TreeSet<>(home.values()).forEach(fold -> all.add(box(fold, alone)));
        List<Link> links = new ArrayList<>(open.links());
        Map<String, List<Bundle>> between = new LinkedHashMap<>();
        for (Bundle bundle : bundles(boxes, model)) {
            if (bundle.from.startsWith(ClassDiagram.PACKAGE) && bundle.to.startsWith(ClassDiagram.PACKAGE)) {
                between.computeIfAbsent(bundle.from, key -> new ArrayList<>()).add(bundle);
            } else {
                links.add(bundle.link());
            }
        }
        boolean clear = between.values().stream().mapToInt(List::size).sum() <= CLEAR;
        for (List<Bundle> of : between.values()) {
            of.stream()
                    .sorted(Comparator.comparingInt(Bundle::count).reversed())
                    .limit(clear ? of.size() : STRONGEST)
                    .forEach(bundle -> links.add(bundle.link()));
        }
        boolean left = !clear && between.values().stream().anyMatch(of -> of.size() > STRONGEST);
        String strongest = left ? "From each package lines lead to the three it needs most. " : "";
        return new ClassDiagram(open.title(), all, links, (strongest + open.note()).strip());
    }

    private static Box box(String fold, boolean alone) {
        return new Box(ClassDiagram.PACKAGE + fold, null,
                new Head(fold.isEmpty() ? "no package" : fold, false, "", List.of(),
                        Look.FOLDED, 0),
                List.of(), List.of(), alone ? null : parent(fold));
    }

    private Collection<Bundle> bundles(Boxes boxes, Model model) {
        Map<List<String>, Bundle> found = new LinkedHashMap<>();
        for (Relation relation : model.relations()) {
            String from = id(relation.from(), boxes);
            String to = id(relation.to(), boxes);
            if (from != null && to != null && !from.equals(to) && (holds(relation.from()) || holds(relation.to()))
                    && view.along().contains(Reach.of(relation)) && !LinkChoice.isWrittenInPlace(relation)) {
                found.merge(List.of(from, to), new Bundle(from, to, relation, 1), (known, one) -> known.more());
            }
        }
        return found.values();
    }

    private String id(CodeType type, Boxes boxes) {
        String fold = home.get(type);
        return fold == null ? boxes.id(type) : ClassDiagram.PACKAGE + fold;
    }

    /** The folded package that this one is part of, the outermost folded with all inside first; null when none is. */
    private String fold(String namespace) {
        return view.folded()
                .stream()
                .filter(folded -> folded.endsWith(View.WITH_ALL_INSIDE))
                .map(folded -> folded.substring(0, folded.length() - View.WITH_ALL_INSIDE.length()))
                .filter(folded -> namespace.equals(folded) || namespace.startsWith(folded + "."))
                .min(Comparator.comparing(String::length))
                .orElse(view.folded().contains(namespace) ? namespace : null);
    }

    private static String parent(String namespace) {
        int dot = namespace.lastIndexOf('.');
        return dot < 0 ? "" : namespace.substring(0, dot);
    }
}
