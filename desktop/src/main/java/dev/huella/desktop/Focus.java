package dev.huella.desktop;

import dev.huella.core.match.NearMiss;
import dev.huella.core.match.Opportunity;
import dev.huella.core.model.CodeType;
import dev.huella.core.project.Finding;

/** The one thing that everything in the window is about. */
sealed interface Focus {
    /** A short name for it. */
    String title();

    /** Nothing was chosen yet. */
    record Nothing() implements Focus {
        @Override
        public String title() {
            return "";
        }
    }

    /** A type with its neighbours. */
    record OfType(CodeType type) implements Focus {
        @Override
        public String title() {
            return type.name();
        }
    }

    /** A package. */
    record OfPackage(String name) implements Focus {
        @Override
        public String title() {
            return name.isEmpty() ? "no package" : name;
        }
    }

    /** A find. */
    record OfFind(Finding finding) implements Focus {
        @Override
        public String title() {
            return dev.huella.core.diagram.FindDiagram.title(finding.instance());
        }
    }

    /** A shape that asks for a pattern. */
    record OfOpportunity(Opportunity opportunity) implements Focus {
        @Override
        public String title() {
            return opportunity.about().getFirst().name();
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
    }

    /** A whole file at a line; {@code from} is what was looked at before. */
    record OfFile(String path, int line, Focus from) implements Focus {
        @Override
        public String title() {
            return path.substring(path.lastIndexOf('/') + 1);
        }
    }
}
