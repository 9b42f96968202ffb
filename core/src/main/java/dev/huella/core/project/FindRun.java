package dev.huella.core.project;

import dev.huella.core.conformance.ConformanceCheck;
import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Findings;
import dev.huella.core.match.Inquiry;
import dev.huella.core.match.Matcher;
import dev.huella.core.match.NearMiss;
import dev.huella.core.match.Opportunity;
import dev.huella.core.match.PatternInstance;
import dev.huella.core.match.PatternInstance.Player;
import dev.huella.core.match.SideBySide;
import dev.huella.core.match.Widest;
import dev.huella.core.model.Element;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.molde.PatternDefinition.Role;
import dev.huella.core.molde.PatternDefinition.Yield;
import dev.huella.core.source.Work;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Holds definitions against one model. Where a more special pattern has the same players, the more general find gives
 * way to it, so patterns that nobody asked for are looked for too where others yield to them.
 */
final class FindRun {
    private final Catalogue catalogue;
    private final Predicate<PatternDefinition> wanted;
    private final MemoryGuard work;
    private final Matcher matcher;
    private final Map<String, Matcher.Result> results = new ConcurrentHashMap<>();
    private final Map<String, List<PatternInstance>> kept = new HashMap<>();

    FindRun(Model model, Catalogue catalogue, Predicate<PatternDefinition> wanted, Work work) {
        this.catalogue = catalogue;
        this.wanted = wanted;
        this.work = new MemoryGuard(work);
        this.matcher = new Matcher(model);
    }

    Findings run() {
        List<PatternDefinition> patterns = catalogue.definitions().stream().filter(wanted).toList();
        List<PatternDefinition> opportunities = catalogue.opportunities().stream().filter(wanted).toList();
        List<PatternDefinition> all = withThoseYieldedTo(
                Stream.concat(patterns.stream(), opportunities.stream()).toList());
        matcher.prepare(all, () -> !work.stopped());
        var done = new AtomicLong();
        SideBySide.each(all, definition -> {
            if (!work.stopped()) {
                results.put(definition.id(), matcher.find(definition));
                work.progress(Work.Stage.MATCHING, done.incrementAndGet(), all.size() + 1L);
            }
        });
        List<NearMiss> misses = new ArrayList<>();
        List<PatternInstance> instances = new ArrayList<>();
        for (PatternDefinition pattern : patterns) {
            if (results.containsKey(pattern.id())) {
                instances.addAll(kept(pattern.id()));
                misses.addAll(results.get(pattern.id()).nearMisses());
            }
        }
        Set<Set<Element>> known = new LinkedHashSet<>();
        instances.forEach(instance -> known.add(keyPlayers(instance.pattern(), instance::playing)));
        misses.removeIf(miss -> isKnown(miss, known));
        return new Findings(verdicts(instances), misses, opportunities(opportunities), remarks(all));
    }

    /** Whether the work was neither stopped nor ended for want of memory. */
    boolean whole() {
        return !work.stopped();
    }

    /** What the types of a near miss are is known already when they are the key players of a find. */
    private static boolean isKnown(NearMiss miss, Set<Set<Element>> finds) {
        Set<Element> key = keyPlayers(miss.pattern(),
                role -> miss.players().getOrDefault(role, List.of()).stream().map(Player::element).toList());
        return finds.stream().anyMatch(found -> found.containsAll(key) || key.containsAll(found));
    }

    private static Set<Element> keyPlayers(PatternDefinition pattern, Function<String, List<Element>> playing) {
        Set<Element> players = new LinkedHashSet<>();
        pattern.roles().stream().filter(Role::key).forEach(role -> players.addAll(playing.apply(role.name())));
        return players;
    }

    private List<PatternDefinition> withThoseYieldedTo(List<PatternDefinition> patterns) {
        Set<PatternDefinition> all = new LinkedHashSet<>();
        Deque<PatternDefinition> open = new ArrayDeque<>(patterns);
        while (!open.isEmpty()) {
            PatternDefinition pattern = open.poll();
            if (all.add(pattern)) {
                pattern.yields()
                        .stream()
                        .map(yield -> catalogue.definition(yield.pattern()))
                        .filter(other -> other != null)
                        .forEach(open::add);
            }
        }
        return new ArrayList<>(all);
    }

    /** Instances of a pattern that give way to no other. */
    private List<PatternInstance> kept(String pattern) {
        List<PatternInstance> known = kept.get(pattern);
        if (known == null) {
            Matcher.Result found = results.get(pattern);
            kept.put(pattern, found == null ? List.of() : found.instances()); // while a circle of yields is resolved
            known = found == null
                    ? List.of()
                    : found.instances()
                            .stream()
                            .filter(instance -> instance.pattern()
                                    .yields()
                                    .stream()
                                    .noneMatch(yield -> givesWay(instance, yield)))
                            .toList();
            kept.put(pattern, known);
        }
        return known;
    }

    private boolean givesWay(PatternInstance instance, Yield yield) {
        List<PatternInstance> others = kept(yield.pattern()).stream()
                .filter(other -> yield.pairs()
                        .stream()
                        .allMatch(pair -> shares(instance.playing(pair.mine()), other.playing(pair.theirs()))))
                .toList();
        return !others.isEmpty() && yield.pairs()
                .stream()
                .filter(Yield.Pair::allButOne)
                .allMatch(pair -> instance.playing(pair.mine())
                        .stream()
                        .filter(mine -> others.stream().noneMatch(other -> other.playing(pair.theirs()).contains(mine)))
                        .count() <= 1);
    }

    private static boolean shares(List<Element> mine, List<Element> theirs) {
        return mine.stream().anyMatch(theirs::contains);
    }

    private List<Finding> verdicts(List<PatternInstance> instances) {
        var check = new ConformanceCheck(new Inquiry(matcher));
        var findings = new ArrayList<Finding>(Collections.nCopies(instances.size(), null));
        SideBySide.each(IntStream.range(0, instances.size()).boxed().toList(),
                i -> findings.set(i, new Finding(instances.get(i), check.verdicts(instances.get(i)))));
        work.progress(Work.Stage.MATCHING, 1, 1);
        return findings;
    }

    private List<Opportunity> opportunities(List<PatternDefinition> definitions) {
        return definitions.stream()
                .filter(definition -> results.containsKey(definition.id()))
                .flatMap(definition -> Widest.of(definition, kept(definition.id())).stream())
                .map(Opportunity::of)
                .toList();
    }

    private List<String> remarks(List<PatternDefinition> definitions) {
        Stream<String> stopped = definitions.stream()
                .map(definition -> results.get(definition.id()))
                .filter(result -> result != null && result.stopped() != null)
                .map(Matcher.Result::stopped);
        return Stream.concat(work.full() ? Stream.of(work.sentence()) : Stream.empty(), stopped).toList();
    }
}
