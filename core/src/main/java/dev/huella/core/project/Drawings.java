package dev.huella.core.project;

import dev.huella.core.conformance.Finding;
import dev.huella.core.diagram.CallSequence;
import dev.huella.core.diagram.CallTrace;
import dev.huella.core.diagram.ClassDiagram;
import dev.huella.core.diagram.FindDiagram;
import dev.huella.core.diagram.RoleComparison;
import dev.huella.core.diagram.Scope;
import dev.huella.core.diagram.ScopeDiagram;
import dev.huella.core.diagram.StateMachine;
import dev.huella.core.diagram.TransitionTrace;
import dev.huella.core.diagram.View;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.layout.Arrangement;
import dev.huella.core.layout.ClassLayout;
import dev.huella.core.layout.SequenceLayout;
import dev.huella.core.layout.StateLayout;
import dev.huella.core.model.Operation;
import dev.huella.core.project.DrawingRequest.Kind;

/** Draws what is asked for, for the window and the command line alike. May take a second; not for the interface thread. */
public final class Drawings {
    private final Project project;

    public Drawings(Project project) {
        this.project = project;
    }

    /** The drawing; empty when there is nothing of that kind to show. */
    public Drawing draw(DrawingRequest request, Arrangement arrangement) {
        return switch (request.subject()) {
            case DrawingRequest.OfScope(Scope scope) -> ClassLayout.layOut(request.kind() == Kind.CREATION
                    ? ScopeDiagram.creation(project.model(), scope, request.view())
                    : ScopeDiagram.of(project.model(), scope, request.view()), arrangement);
            case DrawingRequest.OfOperation(Operation operation) -> SequenceLayout.layOut(
                    CallTrace.of(operation, request.depth(), project::line));
            case DrawingRequest.OfFind(Finding finding) -> find(finding, request, arrangement);
        };
    }

    private Drawing find(Finding finding, DrawingRequest request, Arrangement arrangement) {
        View view = request.view();
        return switch (request.kind()) {
            case CALLS -> {
                CallSequence sequence = CallTrace.of(finding.instance(), request.depth(), project::line);
                yield sequence == null ? Drawing.EMPTY : SequenceLayout.layOut(sequence);
            }
            case TRANSITIONS -> {
                StateMachine machine = TransitionTrace.of(finding.instance());
                yield machine == null ? Drawing.EMPTY : StateLayout.layOut(machine, arrangement);
            }
            case COLLABORATION -> ClassLayout.layOut(FindDiagram.collaboration(project.model(), finding.instance(),
                    finding.verdicts(), view), arrangement);
            case COMPARED -> ClassLayout.layOut(RoleComparison.of(finding.instance(), players(finding, view)));
            case ROLES, STRUCTURE, CREATION -> ClassLayout.layOut(players(finding, view), arrangement);
        };
    }

    private ClassDiagram players(Finding finding, View view) {
        return FindDiagram.of(project.model(), finding.instance(), finding.verdicts(), view);
    }
}
