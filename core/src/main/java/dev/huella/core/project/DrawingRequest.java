package dev.huella.core.project;

import dev.huella.core.conformance.Finding;
import dev.huella.core.diagram.CallTrace;
import dev.huella.core.diagram.Scope;
import dev.huella.core.diagram.TransitionTrace;
import dev.huella.core.diagram.View;
import dev.huella.core.model.Operation;
import java.util.ArrayList;
import java.util.List;

/**
 * What is to be drawn, and how.
 *
 * @param depth for calls: how many inside each other are followed
 */
public record DrawingRequest(Subject subject, Kind kind, View view, int depth) {

    /** What a drawing is about. */
    public sealed interface Subject {}

    /** Types and their relations. */
    public record OfScope(Scope scope) implements Subject {}

    /** The players of a find. */
    public record OfFind(Finding finding) implements Subject {}

    /** What follows from an operation. */
    public record OfOperation(Operation operation) implements Subject {}

    /** Kinds of diagram. */
    public enum Kind {
        STRUCTURE("Structure", "Types, their members and relations"), CREATION("Creation", "Who creates whom"), ROLES(
                "Roles", "The players, with the names of their roles"), COLLABORATION("Collaboration",
                        "The players around the pattern, a line for each role"), COMPARED("Beside the definition",
                                "The definition, and the players facing its roles"), CALLS("Calls",
                                        "Who calls whom, in the order of time"), TRANSITIONS("Transitions",
                                                "Which state follows which, and in which operation");

        private final String title;
        private final String about;

        Kind(String title, String about) {
            this.title = title;
            this.about = about;
        }

        public String title() {
            return title;
        }

        public String about() {
            return about;
        }

        /** True for those whose boxes can be moved by hand. */
        public boolean movable() {
            return this != CALLS && this != COMPARED;
        }
    }

    /** The usual drawing of a subject: the first of its kinds. */
    public static DrawingRequest usual(Subject subject) {
        return new DrawingRequest(subject, kinds(subject).getFirst(), View.USUAL, CallTrace.USUAL_DEPTH);
    }

    /** Kinds of diagram that a subject has something to show in. */
    public static List<Kind> kinds(Subject subject) {
        return switch (subject) {
            case OfScope _ -> List.of(Kind.STRUCTURE, Kind.CREATION);
            case OfOperation _ -> List.of(Kind.CALLS);
            case OfFind(Finding finding) -> {
                List<Kind> found = new ArrayList<>(List.of(Kind.ROLES, Kind.COLLABORATION, Kind.COMPARED));
                if (CallTrace.startOf(finding.instance()) != null) {
                    found.add(Kind.CALLS);
                }
                if (TransitionTrace.of(finding.instance()) != null) {
                    found.add(Kind.TRANSITIONS);
                }
                yield found;
            }
        };
    }

    public DrawingRequest as(Kind other) {
        return new DrawingRequest(subject, other, view, depth);
    }

    public DrawingRequest with(View other) {
        return new DrawingRequest(subject, kind, other, depth);
    }

    public DrawingRequest deep(int calls) {
        return new DrawingRequest(subject, kind, view, calls);
    }
}
