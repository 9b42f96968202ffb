package dev.huella.desktop;

import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Verdict;
import dev.huella.core.diagram.FindDiagram;
import dev.huella.core.diagram.Scope;
import dev.huella.core.match.NearMiss;
import dev.huella.core.match.Opportunity;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import dev.huella.core.project.DrawingRequest;
import java.util.List;

/** The one thing that everything in the window is about. */
sealed interface Focus {
    /** A short name for it. */
    String title();

    /** What is drawn for it; null when it is no drawing. {@code distance}: how far neighbours may be. */
    DrawingRequest.Subject subject(int distance);

    /** The same however often the code is read again. */
    String key();

    /** Nothing was chosen yet. */
    record Nothing() implements Focus {
        @Override
        public String title() {
            return "";
        }

        @Override
        public DrawingRequest.Subject subject(int distance) {
            return null;
        }

        @Override
        public String key() {
            return "nothing";
        }
    }

    /** The whole code base: how its packages hang together. */
    record OfWhole() implements Focus {
        @Override
        public String title() {
            return "The whole code base";
        }

        @Override
        public DrawingRequest.Subject subject(int distance) {
            return new DrawingRequest.OfScope(new Scope.Everything());
        }

        @Override
        public String key() {
            return "whole";
        }
    }

    /** A type with its neighbours. */
    record OfType(CodeType type) implements Focus {
        @Override
        public String title() {
            return type.name();
        }

        @Override
        public DrawingRequest.Subject subject(int distance) {
            return new DrawingRequest.OfScope(new Scope.Around(type, distance));
        }

        @Override
        public String key() {
            return "type " + type.qualifiedName();
        }
    }

    /** A package with those inside it. */
    record OfPackage(String name) implements Focus {
        @Override
        public String title() {
            return name.isEmpty() ? "no package" : name;
        }

        @Override
        public DrawingRequest.Subject subject(int distance) {
            return new DrawingRequest.OfScope(new Scope.OfPackage(name));
        }

        @Override
        public String key() {
            return "package " + name;
        }
    }

    /** Types picked by hand. */
    record OfSet(String name, List<CodeType> types) implements Focus {
        public OfSet {
            types = List.copyOf(types);
        }

        @Override
        public String title() {
            return name;
        }

        @Override
        public DrawingRequest.Subject subject(int distance) {
            return new DrawingRequest.OfScope(new Scope.Picked(name, types));
        }

        @Override
        public String key() {
            return "set " + name;
        }
    }

    /** What follows from an operation. */
    record OfOperation(Operation operation) implements Focus {
        @Override
        public String title() {
            return "%s.%s".formatted(operation.home().name(), operation.name());
        }

        @Override
        public DrawingRequest.Subject subject(int distance) {
            return new DrawingRequest.OfOperation(operation);
        }

        @Override
        public String key() {
            return "operation " + operation.home().qualifiedName() + "." + operation.signature();
        }
    }

    /** A find. */
    record OfFind(Finding finding) implements Focus {
        @Override
        public String title() {
            return FindDiagram.title(finding.instance());
        }

        @Override
        public DrawingRequest.Subject subject(int distance) {
            return new DrawingRequest.OfFind(finding);
        }

        @Override
        public String key() {
            return "find " + finding.instance().id();
        }
    }

    /** One obligation of a find. */
    record OfVerdict(Finding finding, Verdict verdict) implements Focus {
        @Override
        public String title() {
            return FindDiagram.title(finding.instance());
        }

        @Override
        public DrawingRequest.Subject subject(int distance) {
            return new DrawingRequest.OfFind(finding);
        }

        @Override
        public String key() {
            return "verdict " + finding.instance().id() + " " + verdict.obligation().id();
        }
    }

    /** A shape that asks for a pattern. */
    record OfOpportunity(Opportunity opportunity) implements Focus {
        @Override
        public String title() {
            return opportunity.about().getFirst().name();
        }

        @Override
        public DrawingRequest.Subject subject(int distance) {
            return new DrawingRequest.OfScope(new Scope.Around(opportunity.about().getFirst(), distance));
        }

        @Override
        public String key() {
            return "opportunity %s %s".formatted(opportunity.id(), opportunity.about().getFirst().qualifiedName());
        }
    }

    /** What keeps all clauses of a pattern but one. */
    record OfMiss(NearMiss miss) implements Focus {
        @Override
        public String title() {
            return type().name();
        }

        /** The first type that plays in it. */
        CodeType type() {
            return miss.players().values().iterator().next().getFirst().element().home().named();
        }

        @Override
        public DrawingRequest.Subject subject(int distance) {
            return new DrawingRequest.OfScope(new Scope.Around(type(), distance));
        }

        @Override
        public String key() {
            return "miss %s %s".formatted(miss.pattern().id(), type().qualifiedName());
        }
    }

    /** A whole file at a line; {@code from} is what was looked at before. */
    record OfFile(String path, int line, Focus from) implements Focus {
        @Override
        public String title() {
            return path.substring(path.lastIndexOf('/') + 1);
        }

        @Override
        public DrawingRequest.Subject subject(int distance) {
            return null;
        }

        @Override
        public String key() {
            return "file %d %s".formatted(line, path);
        }
    }
}
