package dev.huella.core.conformance;

import dev.huella.core.conformance.Verdict.Kind;
import dev.huella.core.match.Inquiry;
import dev.huella.core.match.Inquiry.Answer;
import dev.huella.core.match.PatternInstance;
import dev.huella.core.model.Element;
import dev.huella.core.molde.PatternDefinition.Obligation;
import dev.huella.core.molde.Sentence;
import java.util.List;

/** Asks of an instance all that its pattern owes. */
public final class ConformanceCheck {
    private final Inquiry inquiry;

    public ConformanceCheck(Inquiry inquiry) {
        this.inquiry = inquiry;
    }

    /** One verdict for each obligation, in the order of the definition. */
    public List<Verdict> verdicts(PatternInstance instance) {
        return instance.pattern().obligations().stream().map(obligation -> verdict(instance, obligation)).toList();
    }

    private Verdict verdict(PatternInstance instance, Obligation obligation) {
        Answer answer = inquiry.everyHolds(instance, obligation.owed());
        return switch (answer.outcome()) {
            case HOLDS -> new Verdict(obligation, Kind.MET, obligation.about() + ".", answer.places());
            case FAILS -> obligation.unclear() != null && isUnclear(instance, obligation)
                    ? new Verdict(obligation, Kind.OPEN, words(instance, obligation.unclear().because(), answer),
                            answer.places())
                    : new Verdict(obligation, Kind.BROKEN, broken(instance, obligation, answer), answer.places());
            case OPEN -> new Verdict(obligation, Kind.OPEN, unread(answer), answer.unread()
                    .stream()
                    .map(Element::place)
                    .filter(place -> place != null)
                    .toList());
            case ENDED -> new Verdict(obligation, Kind.OPEN,
                    "This cannot be told: it would have taken too long in a code base of this size. Read a smaller part of it.",
                    List.of());
        };
    }

    private static String unread(Answer answer) {
        String names = String.join(", ", answer.unread().stream().map(Element::name).distinct().toList());
        return "This cannot be told: part of %s could not be read.".formatted(names);
    }

    /** The definition's own words, with those names in them for which it was found broken. */
    private static String broken(PatternInstance instance, Obligation obligation, Answer answer) {
        String words = obligation.otherwise() == null ? "Not kept: " + obligation.about() : obligation.otherwise();
        return words(instance, words, answer);
    }

    private boolean isUnclear(PatternInstance instance, Obligation obligation) {
        return inquiry.everyHolds(instance, obligation.unclear().when()).outcome() == Inquiry.Outcome.HOLDS;
    }

    private static String words(PatternInstance instance, String words, Answer answer) {
        return Sentence.with(words, role -> {
            String name = answer.speaking().get(role);
            List<Element> players = instance.playing(role);
            return name != null
                    ? List.of(name)
                    : players.isEmpty() ? List.of() : List.of(players.getFirst().name());
        }) + ".";
    }
}
