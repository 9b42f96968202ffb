package dev.huella.core.match;

import dev.huella.core.match.InstanceSearch.Gathered;
import dev.huella.core.match.PatternInstance.Alternative;
import dev.huella.core.match.PatternInstance.Fact;
import dev.huella.core.match.PatternInstance.Player;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Element;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Formula;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.molde.PatternDefinition.Role;
import dev.huella.core.molde.PatternDefinition.Variant;
import dev.huella.core.molde.Sentence;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Merges what was found around equal key players into one instance, and puts it into words. */
final class InstanceCollector {
    private static final String FUNCTIONS = "functions";
    private final PatternDefinition pattern;
    private final Model model;
    private final Map<List<Object>, Merged> byKey = new LinkedHashMap<>();

    InstanceCollector(PatternDefinition pattern, Model model) {
        this.pattern = pattern;
        this.model = model;
    }

    /** What several ways of filling the definition have in common. */
    private static final class Merged {
        private final Gathered all;
        private Variant variant;

        Merged(int roles) {
            all = new Gathered(roles);
        }
    }

    void add(PatternPlan plan, Gathered gathered) {
        List<Object> key = key(gathered);
        Merged merged = byKey.computeIfAbsent(key, ignored -> new Merged(pattern.roles().size()));
        if (merged.variant == null || pattern.variants().indexOf(plan.variant()) < pattern.variants()
                .indexOf(merged.variant)) {
            merged.variant = plan.variant();
        }
        gathered.players.forEach((variable, players) -> {
            if (variable < pattern.roles().size()) {
                merged.all.players.computeIfAbsent(variable, ignored -> new LinkedHashSet<>()).addAll(players);
            } else {
                merged.all.players.putIfAbsent(variable, players);
            }
        });
        gathered.places.forEach((atom, places) -> merged.all.places
                .computeIfAbsent(atom, ignored -> new LinkedHashSet<>())
                .addAll(places));
    }

    /** Elements, and {@link #FUNCTIONS} for places that ask for functions. */
    private List<Object> key(Gathered gathered) {
        List<Object> key = new ArrayList<>();
        for (int i = 0; i < pattern.roles().size(); i++) {
            Role role = pattern.roles().get(i);
            if (role.key()) {
                gathered.players.getOrDefault(i, Set.of())
                        .forEach(player -> key.add(keyed(role, model.element(player))));
            }
        }
        return key;
    }

    /** Places that ask for functions without a name are one player, where the role says so. */
    private static Object keyed(Role role, Element player) {
        boolean functions = role.writers() && player instanceof CodeType asked && asked.shape()
                && asked.kind() == TypeKind.FUNCTION;
        return functions ? FUNCTIONS : player;
    }

    List<NearMiss> withoutFound(List<NearMiss> misses) {
        Set<List<Object>> seen = new LinkedHashSet<>(byKey.keySet());
        return misses.stream().filter(miss -> {
            List<Object> key = pattern.roles()
                    .stream()
                    .filter(Role::key)
                    .flatMap(role -> miss.players()
                            .getOrDefault(role.name(), List.of())
                            .stream()
                            .map(player -> keyed(role, player.element())))
                    .toList();
            return seen.add(key);
        }).toList();
    }

    List<PatternInstance> instances(Inquiry inquiry) {
        return byKey.entrySet().stream().map(entry -> instance(entry.getKey(), entry.getValue(), inquiry)).toList();
    }

    private PatternInstance instance(List<Object> key, Merged merged, Inquiry inquiry) {
        Map<String, List<Player>> players = players(merged.all, pattern);
        standIns(players);
        String id = pattern.id() + ":" + key.stream()
                .map(one -> one instanceof Element element ? element.qualifiedName() : FUNCTIONS)
                .collect(Collectors.joining(":"));
        List<Fact> facts = facts(merged);
        List<Alternative> alternatives = pattern.unlikes()
                .stream()
                .filter(unlike -> unlike.otherwise() != null)
                .map(unlike -> new Alternative(unlike.pattern(), fill(unlike.otherwise(), merged.all)))
                .toList();
        List<String> reasons = new ArrayList<>();
        double confidence = confidence(merged, facts.size(), inquiry, reasons);
        return new PatternInstance(id, pattern, merged.variant.name(), confidence, reasons, players, facts,
                alternatives);
    }

    private double confidence(Merged merged, int facts, Inquiry inquiry, List<String> reasons) {
        double confidence = 0.82 + Math.min(facts, 6) * 0.01;
        reasons.add("%d facts hold".formatted(facts));
        for (Formula hint : pattern.hints()) {
            if (inquiry.someHolds(pattern, hint, merged.all.players)) {
                confidence += 0.1 / pattern.hints().size();
                reasons.add("names agree: " + fill(hint.text(), merged.all));
            }
        }
        for (int role = 0; role < pattern.roles().size(); role++) {
            for (int element : merged.all.players.getOrDefault(role, Set.of())) {
                if (model.element(element) instanceof CodeType type && !type.unreadable().isEmpty()) {
                    confidence -= 0.1;
                    reasons.add(Wording.unreadable(type));
                }
            }
        }
        return Math.round(Math.clamp(confidence, 0.1, 0.99) * 100) / 100.0;
    }

    Map<String, List<Player>> players(Gathered gathered, PatternDefinition of) {
        Map<String, List<Player>> players = new LinkedHashMap<>();
        for (int i = 0; i < of.roles().size(); i++) {
            Set<Integer> elements = gathered.players.get(i);
            Role role = of.roles().get(i);
            if (elements != null && !elements.isEmpty()) {
                players.put(role.name(), new ArrayList<>(elements.stream()
                        .sorted()
                        .map(model::element)
                        .flatMap(InstanceCollector::declared)
                        .flatMap(role.writers() ? InstanceCollector::written : Stream::of)
                        .distinct()
                        .map(element -> new Player(element, place(element, gathered)))
                        .toList()));
            }
        }
        return players;
    }

    /**
     * Those that have a shape that the code does not declare stand in its place, where they have names. Where functions
     * are asked for, the place that asks and the functions put there are all that there is.
     */
    private static Stream<Element> declared(Element element) {
        boolean functions = element instanceof CodeType asked && asked.kind() == TypeKind.FUNCTION;
        if (element instanceof CodeType type && (type.shape() || functions)) {
            List<CodeType> named = type.subtypes()
                    .stream()
                    .filter(sub -> !sub.shape() && (!sub.anonymous() || functions || sub.kind() == TypeKind.OBJECT))
                    .toList();
            Stream<Element> players = named.stream().map(Element.class::cast);
            return named.isEmpty()
                    ? Stream.of(element)
                    : functions ? Stream.concat(Stream.of(element), players) : players;
        }
        return Stream.of(element);
    }

    /** A function, and the type that it belongs to. */
    private static Stream<Element> written(Element element) {
        CodeType writer = element instanceof CodeType type && type.kind() == TypeKind.FUNCTION && !type.shape()
                && type.subtypes().isEmpty() ? writer(type) : null;
        return writer == null ? Stream.of(element) : Stream.of(element, writer);
    }

    /** Where an operation is meant its type, else the type it is written in, else the one it calls. */
    private static CodeType writer(CodeType function) {
        CodeType writer = function.outer();
        while (writer != null && writer.kind() == TypeKind.FUNCTION) {
            writer = writer.outer();
        }
        List<Operation> called = function.operations()
                .stream()
                .flatMap(operation -> operation.deeds().stream())
                .map(deed -> deed instanceof Deed.Calls calls ? calls.callee() : null)
                .filter(callee -> callee != null && !callee.isStatic() && !callee.home().external())
                .toList();
        boolean meant = called.size() == 1 && called.getFirst().name().equals(function.name());
        if (!meant && writer != null && writer.kind() != TypeKind.MODULE && isWrittenForNoObject(function, writer)) {
            return null;
        }
        boolean outside = writer == null || writer.kind() == TypeKind.MODULE;
        return (meant || outside) && !called.isEmpty() ? called.getFirst().home() : outside ? null : writer;
    }

    /** What an operation without an object writes does not make its type one of those that are told. */
    private static boolean isWrittenForNoObject(CodeType function, CodeType writer) {
        return function.place() != null && writer.operations()
                .stream()
                .anyMatch(operation -> operation.isStatic() && operation.place() != null
                        && operation.place().contains(function.place()));
    }

    private static SourceSpan place(Element element, Gathered gathered) {
        if (element.place() != null) {
            return element.place();
        }
        return gathered.places.values().stream().flatMap(Set::stream).findFirst().orElse(null);
    }

    /** Where nobody plays a role, or a key role is played from outside the sources, those that stand in its place do. */
    private void standIns(Map<String, List<Player>> players) {
        for (Role role : pattern.roles()) {
            List<Player> own = players.get(role.name());
            if (role.standIn() != null && own == null && players.containsKey(role.standIn())) {
                players.put(role.name(), players.get(role.standIn()));
            } else if (role.standIn() != null && own != null
                    && (role.joined() || own.getFirst().element().home().external())) {
                for (Player other : players.getOrDefault(role.standIn(), List.of())) {
                    if (own.stream().noneMatch(player -> player.element() == other.element())) {
                        own.add(other);
                    }
                }
            }
        }
    }

    private List<Fact> facts(Merged merged) {
        List<Fact> facts = new ArrayList<>();
        List<Formula> clauses = new ArrayList<>(pattern.recognised());
        clauses.addAll(merged.variant.clauses());
        for (Formula clause : clauses) {
            if (clause instanceof Formula.Not || clause instanceof Formula.Whenever) {
                continue;
            }
            Set<SourceSpan> places = new LinkedHashSet<>();
            clause.atoms().forEach(atom -> places.addAll(merged.all.places.getOrDefault(atom, Set.of())));
            boolean held = clause.atoms().stream().anyMatch(merged.all.places::containsKey);
            boolean telling = clause.atoms()
                    .stream()
                    .anyMatch(atom -> atom.clause() == null || atom.clause().telling());
            if (held && telling && !places.isEmpty()) {
                facts.add(new Fact(fill(heldText(clause, merged), merged.all), List.copyOf(places)));
            }
        }
        return facts;
    }

    /** Of an either, only what held is told. */
    private static String heldText(Formula clause, Merged merged) {
        if (clause instanceof Formula.Either either) {
            return either.of()
                    .stream()
                    .filter(part -> part.atoms()
                            .stream()
                            .filter(atom -> atom.clause() == null
                                    || atom.clause() instanceof dev.huella.core.molde.Clause.Listed)
                            .allMatch(merged.all.places::containsKey))
                    .map(InstanceCollector::tellingText)
                    .findFirst()
                    .orElse(clause.text());
        }
        return clause instanceof Formula.All ? tellingText(clause) : clause.text();
    }

    private static String tellingText(Formula part) {
        List<Formula> said = part instanceof Formula.All all ? all.of() : List.of(part);
        List<String> told = said.stream()
                .filter(one -> !(one instanceof Formula.Not))
                .flatMap(one -> one.atoms().stream())
                .filter(atom -> atom.clause() == null
                        || atom.clause() instanceof dev.huella.core.molde.Clause.Listed && atom.clause().telling())
                .map(Formula.Atom::text)
                .toList();
        return told.isEmpty() ? part.text() : String.join(" and ", told);
    }

    /** Puts players in the place of role names, whether these stand bare or in braces. */
    String fill(String text, Gathered gathered) {
        return fill(text, gathered, Set.of());
    }

    /** Who is known to be what the variable stands for. */
    List<String> names(int variable, Gathered gathered) {
        return gathered.players.getOrDefault(variable, Set.of())
                .stream()
                .map(model::element)
                .map(Wording::name)
                .distinct()
                .toList();
    }

    /** The text of clauses with names for variables; those left out stand for themselves. */
    String fill(String text, Gathered gathered, Collection<Integer> leftOut) {
        List<String> filled = new ArrayList<>();
        boolean several = false;
        for (String word : text.split(" ")) {
            String bare = word.replaceAll("[{},.;]", "");
            int variable = pattern.variables().indexOf(bare);
            Set<Integer> players = variable < 0 || leftOut.contains(variable) ? null : gathered.players.get(variable);
            if (players == null) {
                String plain = word.replaceAll("[{}]", "");
                filled.add(several ? Sentence.ofMany(plain) : plain);
                several = false;
            } else {
                List<String> names = names(variable, gathered);
                several = names.size() > 1;
                filled.add(word.replace("{" + bare + "}", bare).replace(bare, Sentence.listed(names)));
            }
        }
        return String.join(" ", filled);
    }
}
