package dev.huella.core.diagram;

import dev.huella.core.molde.Formula;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.molde.PhraseDefinition;
import dev.huella.core.molde.Sort;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What a definition says of its roles in one of its forms, phrases spelt out: which member stands in which role's type, and which
 * role a name that is no role stands for. Roles and names go by numbers, roles first.
 */
final class DefinitionFacts {
    static final String BELOW = "is below";
    private static final int NOWHERE = -1;
    private final PatternDefinition pattern;
    private final List<Fact> facts = new ArrayList<>();
    private final Map<Integer, Sort> sorts = new HashMap<>();
    /** For a name that means the same as another one, the other. */
    private final Map<Integer, Integer> sameAs = new HashMap<>();
    /** Which role's type each field and operation stands in. */
    private final Map<Integer, Integer> home = new TreeMap<>();
    private int names;

    /** One clause: its verb, and the numbers of what it is said of. */
    record Fact(String verb, List<Integer> of) {
        int first() {
            return of.getFirst();
        }

        int last() {
            return of.getLast();
        }
    }

    /** @param form number of the variant that is meant; ignored where the pattern has one form only */
    DefinitionFacts(PatternDefinition pattern, int form) {
        this.pattern = pattern;
        this.names = pattern.variables().size();
        for (int role = 0; role < pattern.roles().size(); role++) {
            sorts.put(role, pattern.roles().get(role).sort());
        }
        pattern.recognised().forEach(formula -> collect(formula, Map.of()));
        pattern.variants()
                .stream()
                .skip(form)
                .findFirst()
                .ifPresent(variant -> variant.clauses().forEach(formula -> collect(formula, Map.of())));
        facts.forEach(this::identify);
        facts.forEach(this::identifyBelow);
        facts.forEach(this::settle);
        facts.forEach(this::settleByField);
        facts.forEach(this::settleByForm);
        for (int role = 0; role < pattern.roles().size(); role++) {
            settleByCompany(role);
        }
    }

    List<Fact> facts() {
        return facts;
    }

    boolean isField(int name) {
        return sorts.get(name) == Sort.FIELD;
    }

    boolean isType(int name) {
        return sorts.get(name) == Sort.TYPE;
    }

    /** The role whose type the name is or stands in; -1 for none. */
    int role(int name) {
        int meant = isType(name) ? meant(name) : home.getOrDefault(name, NOWHERE);
        return isRole(meant) ? meant : NOWHERE;
    }

    /** What the name means: the role where one is known, else some name for the same. */
    int meant(int name) {
        int one = name;
        while (sameAs.containsKey(one)) {
            one = sameAs.get(one);
        }
        return one;
    }

    boolean isRole(int name) {
        return name >= 0 && name < pattern.roles().size();
    }

    /** Of alternatives the first is meant, and what must not be is no part of the picture. */
    private void collect(Formula formula, Map<Integer, Integer> renamed) {
        switch (formula) {
            case Formula.Atom atom when atom.phrase() != null -> spellOut(atom, renamed);
            case Formula.Atom atom -> add(atom, renamed);
            case Formula.All all -> all.of().forEach(part -> collect(part, renamed));
            case Formula.Either either -> collect(either.of().getFirst(), renamed);
            case Formula.Not _, Formula.Whenever _ -> {
                // says nothing of what is there
            }
        }
    }

    private void spellOut(Formula.Atom atom, Map<Integer, Integer> renamed) {
        PhraseDefinition phrase = atom.phrase();
        Map<Integer, Integer> inside = new HashMap<>();
        for (int place = 0; place < phrase.variables().size(); place++) {
            Formula.Term said = place < atom.terms().size() ? atom.terms().get(place) : null;
            inside.put(place, said == null || !said.isVariable() ? names++ : rename(said.variable(), renamed));
        }
        collect(phrase.means(), inside);
    }

    private void add(Formula.Atom atom, Map<Integer, Integer> renamed) {
        List<Integer> of = new ArrayList<>();
        List<String> parts = List.of(atom.clause().syntax().split(" "));
        List<Sort> places = parts.stream().map(Sort::at).filter(Objects::nonNull).toList();
        for (int place = 0; place < atom.terms().size(); place++) {
            Formula.Term term = atom.terms().get(place);
            if (term.isVariable()) {
                int name = rename(term.variable(), renamed);
                of.add(name);
                sorts.putIfAbsent(name, places.get(place));
            }
        }
        String verb = parts.stream().filter(part -> Sort.at(part) == null).collect(Collectors.joining(" "));
        facts.add(new Fact(verb, of));
    }

    private static int rename(int name, Map<Integer, Integer> renamed) {
        return renamed.getOrDefault(name, name);
    }

    private void identify(Fact fact) {
        boolean same = fact.verb.equals("is the same as") || fact.verb.equals("is a");
        if (same && isType(fact.first()) && isType(fact.last())) {
            int one = meant(fact.first());
            int other = meant(fact.last());
            if (one != other && !isRole(other)) {
                sameAs.put(other, one);
            } else if (one != other && !isRole(one)) {
                sameAs.put(one, other);
            }
        }
    }

    /** Who is below a role is like the role that is below it, where there is just one. */
    private void identifyBelow(Fact fact) {
        if (fact.verb.equals(BELOW) && !isRole(meant(fact.first())) && isRole(meant(fact.last()))) {
            List<Integer> others = facts.stream()
                    .filter(other -> other.verb.equals(BELOW) && isRole(meant(other.first()))
                            && meant(other.last()) == meant(fact.last()))
                    .map(other -> meant(other.first()))
                    .distinct()
                    .toList();
            if (others.size() == 1) {
                sameAs.put(meant(fact.first()), others.getFirst());
            }
        }
    }

    private void settle(Fact fact) {
        if (fact.of.size() < 2) {
            return;
        }
        switch (fact.verb) {
            case "belongs to" -> settle(fact.first(), fact.last());
            case "offers", "has" -> settle(fact.last(), fact.first());
            case "answers by" -> settle(fact.last(), fact.first());
            default -> {
                // says nothing of places
            }
        }
    }

    private void settle(int member, int type) {
        if (!isType(member) && isRole(meant(type))) {
            home.putIfAbsent(member, meant(type));
        }
    }

    /** Who works on a field stands where the field does. */
    private void settleByField(Fact fact) {
        if (fact.of.size() > 1 && !isType(fact.first()) && !home.containsKey(fact.first())) {
            fact.of.stream()
                    .skip(1)
                    .filter(other -> isField(other) && home.containsKey(other))
                    .findFirst()
                    .ifPresent(field -> home.put(fact.first(), home.get(field)));
        }
    }

    private void settleByForm(Fact fact) {
        if (fact.verb.equals("is a form of")) {
            if (home.containsKey(fact.first())) {
                home.putIfAbsent(fact.last(), home.get(fact.first()));
            } else if (home.containsKey(fact.last())) {
                home.put(fact.first(), home.get(fact.last()));
            }
        }
    }

    /** A member whose place no clause tells stands in the first type that a clause names with it. */
    private void settleByCompany(int member) {
        if (!isType(member) && !home.containsKey(member)) {
            facts.stream()
                    .filter(fact -> fact.of.contains(member))
                    .flatMap(fact -> fact.of.stream().map(this::role))
                    .filter(this::isRole)
                    .findFirst()
                    .ifPresent(type -> home.put(member, type));
        }
    }
}
