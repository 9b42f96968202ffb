package dev.huella.desktop;

import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Verdict.Kind;
import dev.huella.core.drawing.Palette;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.match.Opportunity;
import dev.huella.core.match.PatternInstance.Player;
import dev.huella.core.model.CodeType;
import dev.huella.core.project.Project;
import dev.huella.desktop.GroundMap.Plot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import javafx.scene.text.Font;

/** The whole code base as a strip: packages as plots with their types as marks. */
final class GroundView {
    private static final double HEIGHT = 76;
    private static final double DRAG = 8;
    private final Session session;
    private final Canvas canvas = new Canvas(100, HEIGHT);
    private final Pane node = new Pane(canvas);
    private double from = -1;
    private double to;
    private Map<String, List<CodeType>> packages = Map.of();
    private GroundMap map = GroundMap.EMPTY;
    private final Set<CodeType> broken = new HashSet<>();
    private final Set<CodeType> lit = new HashSet<>();

    GroundView(Session session) {
        this.session = session;
        node.getStyleClass().add("ground");
        node.setMinHeight(HEIGHT);
        node.setPrefHeight(HEIGHT);
        node.setAccessibleText("Map of all packages and types");
        canvas.widthProperty().bind(node.widthProperty());
        canvas.widthProperty().addListener(change -> layOut());
        session.project().addListener(change -> read());
        session.findings().addListener(change -> marks());
        session.focus().addListener(change -> light());
        session.dark().addListener(change -> paint());
        new RestingTip(canvas, this::text);
        canvas.setOnMousePressed(event -> {
            from = event.getX();
            to = from;
        });
        canvas.setOnMouseDragged(event -> {
            to = event.getX();
            paint();
        });
        canvas.setOnMouseReleased(event -> release(event.getX(), event.getY()));
        session.limit().addListener(change -> paint());
        session.reading().addListener(change -> paint());
    }

    Node node() {
        return node;
    }

    /** A click chooses; a drag limits everything below to the packages it went over. */
    private void release(double x, double y) {
        double left = Math.min(from, x);
        double right = Math.max(from, x);
        from = -1;
        if (right - left < DRAG) {
            choose(x, y);
        } else {
            session.limit()
                    .set(map.plots()
                            .stream()
                            .filter(plot -> plot.x() < right && plot.x() + plot.width() > left)
                            .flatMap(plot -> plot.packages().stream())
                            .collect(Collectors.toSet()));
        }
        paint();
    }

    /** Puts types into their packages in the background; what is shown changes when that is done. */
    private void read() {
        Project project = session.project().get();
        Thread.ofVirtual().name("ground").start(() -> {
            Map<String, List<CodeType>> found = new TreeMap<>();
            for (CodeType type : project.model().declared()) {
                if (type.kind() != TypeKind.FUNCTION && !type.anonymous()) {
                    found.computeIfAbsent(type.namespace(), key -> new ArrayList<>()).add(type);
                }
            }
            Platform.runLater(() -> {
                if (session.project().get() == project) {
                    packages = found;
                    layOut();
                }
            });
        });
    }

    private void layOut() {
        map = GroundMap.of(packages, canvas.getWidth());
        paint();
    }

    private void marks() {
        broken.clear();
        for (Finding finding : session.findings().get().all()) {
            if (finding.count(Kind.BROKEN) > 0) {
                finding.instance()
                        .players()
                        .values()
                        .stream()
                        .flatMap(List::stream)
                        .limit(1)
                        .forEach(player -> broken.add(player.element().home().named()));
            }
        }
        light();
    }

    private void light() {
        lit.clear();
        switch (session.focus().get()) {
            case Focus.OfType(CodeType type) -> lit.add(type);
            case Focus.OfOperation(var operation) -> lit.add(operation.home().named());
            case Focus.OfSet(String _, List<CodeType> types) -> lit.addAll(types);
            case Focus.OfOpportunity(Opportunity opportunity) -> {
                lit.addAll(opportunity.about());
                lit.addAll(opportunity.touchedTypes());
            }
            case Focus.OfMiss miss -> lit.add(miss.type());
            case Focus.OfFind(Finding finding) -> players(finding);
            case Focus.OfVerdict(Finding finding, var _) -> players(finding);
            case Focus.OfPackage _, Focus.OfFile _, Focus.OfWhole _, Focus.Nothing _ -> {
                // no single type is meant
            }
        }
        paint();
    }

    private void players(Finding finding) {
        finding.instance()
                .players()
                .values()
                .stream()
                .flatMap(List::stream)
                .map(Player::element)
                .forEach(element -> lit.add(element.home().named()));
    }

    private void paint() {
        Palette palette = session.dark().get() ? Palette.DARK : Palette.LIGHT;
        GraphicsContext graphics = canvas.getGraphicsContext2D();
        graphics.clearRect(0, 0, canvas.getWidth(), HEIGHT);
        graphics.setFont(Font.font("Liberation Sans", 11));
        var painter = new GroundPainter(graphics, palette, lit, broken);
        if (!session.reading().get().isEmpty() && !session.known()) {
            painter.filling(new TreeMap<>(session.reading().get()), canvas.getWidth());
            return;
        }
        Set<String> limit = session.limit().get();
        for (Plot plot : map.plots()) {
            boolean outside = !limit.isEmpty() && plot.packages().stream().noneMatch(limit::contains);
            graphics.setGlobalAlpha(outside ? 0.35 : 1);
            painter.plot(plot, focused(plot));
        }
        graphics.setGlobalAlpha(1);
        if (from >= 0 && Math.abs(to - from) >= DRAG) {
            painter.stretch(from, to);
        }
    }

    private boolean focused(Plot plot) {
        return session.focus().get() instanceof Focus.OfPackage(String name)
                && (name.equals(plot.name()) || plot.packages().contains(name))
                || plot.types().stream().anyMatch(lit::contains);
    }

    /** Of several types at a point what the focus is about comes first, then what is broken. */
    private CodeType type(Plot plot, double x, double y) {
        return plot.spots()
                .stream()
                .filter(spot -> spot.holds(x, y))
                .findFirst()
                .map(spot -> spot.types()
                        .stream()
                        .min(Comparator.comparing(type -> lit.contains(type) ? 0 : broken.contains(type) ? 1 : 2))
                        .orElseThrow())
                .orElse(null);
    }

    private String text(double x, double y) {
        Plot plot = map.plotAt(x);
        if (plot == null) {
            return "";
        }
        CodeType type = type(plot, x, y);
        if (type != null) {
            return type.name() + "\n" + type.namespace();
        }
        String name = plot.name().isEmpty() ? "no package" : plot.name();
        return plot.packages().size() == 1
                ? "%s, %,d types".formatted(name, plot.types().size())
                : "%s, %,d types in %d packages".formatted(name, plot.types().size(), plot.packages().size());
    }

    private void choose(double x, double y) {
        Plot plot = map.plotAt(x);
        if (plot != null) {
            CodeType type = type(plot, x, y);
            session.stage().set(WorkStage.STRUCTURE);
            session.look(type == null ? new Focus.OfPackage(plot.name()) : new Focus.OfType(type));
        }
    }
}
