package dev.huella.desktop;

import dev.huella.core.conformance.Verdict.Kind;
import dev.huella.core.drawing.Fonts;
import dev.huella.core.drawing.Ink;
import dev.huella.core.drawing.Palette;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.match.Opportunity;
import dev.huella.core.match.PatternInstance.Player;
import dev.huella.core.model.CodeType;
import dev.huella.core.project.Finding;
import dev.huella.core.project.Project;
import java.util.ArrayList;
import java.util.EnumMap;
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
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;

/** The whole code base as a strip: packages as plots, types as bars as high as their code is long. */
final class GroundView {
    private static final double HEIGHT = 76;
    private static final double TOP = 8;
    private static final double PLOT = 46;
    private static final double GAP = 6;
    private static final double DRAG = 8;
    private static final double SIDE = 12;
    private static final Map<Palette, Map<Ink, Color>> COLOURS = colours();
    private final Session session;
    private final Canvas canvas = new Canvas(100, HEIGHT);
    private final Pane node = new Pane(canvas);
    private double from = -1;
    private double to;
    private final Tooltip tip = new Tooltip();
    private Map<String, List<CodeType>> packages = Map.of();
    private final List<Plot> plots = new ArrayList<>();
    private final Set<CodeType> broken = new HashSet<>();
    private final Set<CodeType> lit = new HashSet<>();

    /** One package with where it is drawn. */
    private record Plot(String namespace, List<CodeType> types, double x, double width) {}

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
        Tooltip.install(canvas, tip);
        canvas.setOnMouseMoved(event -> tip.setText(text(event.getX(), event.getY())));
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
                    .set(plots.stream()
                            .filter(plot -> plot.x < right && plot.x + plot.width > left)
                            .map(Plot::namespace)
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
        plots.clear();
        double room = Math.max(50, canvas.getWidth() - 2 * SIDE);
        double gap = packages.size() > 60 ? 1 : GAP;
        double weights = packages.values().stream().mapToDouble(GroundView::weight).sum();
        double each = (room - gap * (packages.size() - 1)) / weights;
        double x = SIDE;
        for (var entry : packages.entrySet()) {
            double width = Math.max(1, weight(entry.getValue()) * each);
            plots.add(new Plot(entry.getKey(), entry.getValue(), x, width));
            x += width + gap;
        }
        paint();
    }

    /** Small packages keep enough room to be seen and named. */
    private static double weight(List<CodeType> types) {
        return 4 + types.size();
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
        if (!session.reading().get().isEmpty() && !session.known()) {
            new TreeMap<>(session.reading().get()).forEach(new Filling(graphics, palette)::folder);
            return;
        }
        for (Plot plot : plots) {
            boolean outside = !session.limit().get().isEmpty() && !session.limit().get().contains(plot.namespace);
            graphics.setGlobalAlpha(outside ? 0.35 : 1);
            paint(plot, graphics, palette);
        }
        graphics.setGlobalAlpha(1);
        if (from >= 0 && Math.abs(to - from) >= DRAG) {
            graphics.setStroke(colour(palette, Ink.CLAY));
            graphics.strokeRect(Math.min(from, to), TOP - 3, Math.abs(to - from), PLOT + 6);
        }
    }

    /** The ground while files are read: a plot for each folder that grows with the types found in it. */
    private final class Filling {
        private final GraphicsContext graphics;
        private final Palette palette;
        private final double each;
        private double x = SIDE;

        Filling(GraphicsContext graphics, Palette palette) {
            this.graphics = graphics;
            this.palette = palette;
            Map<String, Integer> folders = session.reading().get();
            double weights = folders.values().stream().mapToDouble(types -> 4 + types).sum();
            each = Math.max(0, (canvas.getWidth() - 2 * SIDE - folders.size()) / weights);
        }

        void folder(String name, int types) {
            double width = (4 + types) * each;
            graphics.setFill(colour(palette, Ink.SHEET));
            graphics.fillRect(x, TOP, width, PLOT);
            graphics.setFill(colour(palette, Ink.LINE));
            double height = Math.min(PLOT - 8, 4 + Math.sqrt(types) * 4);
            graphics.fillRect(x + 1, TOP + PLOT - 4 - height, Math.max(0.5, width - 2), height);
            x += width + 1;
        }
    }

    private void paint(Plot plot, GraphicsContext graphics, Palette palette) {
        boolean focused = session.focus().get() instanceof Focus.OfPackage(String name) && name.equals(plot.namespace)
                || plot.types.stream().anyMatch(lit::contains);
        graphics.setFill(colour(palette, focused ? Ink.TINT : Ink.SHEET));
        graphics.fillRoundRect(plot.x, TOP, plot.width, PLOT, 6, 6);
        if (plot.width > 4) {
            graphics.setStroke(colour(palette, focused ? Ink.CLAY : Ink.LINE));
            graphics.strokeRoundRect(plot.x + 0.5, TOP + 0.5, plot.width - 1, PLOT - 1, 6, 6);
        }
        marks(plot, graphics, palette);
        name(plot, focused, graphics, palette);
    }

    /** A mark for each type; where there are more types than pixels, one for all that share a pixel. */
    private void marks(Plot plot, GraphicsContext graphics, Palette palette) {
        double step = (plot.width - 8) / plot.types.size();
        int columns = step >= 1 ? plot.types.size() : (int) Math.max(1, plot.width - 8);
        double wide = Math.max(1, (plot.width - 8) / columns);
        Color quiet = colour(palette, Ink.HINT).deriveColor(0, 1, 1, 0.55);
        for (int column = 0; column < columns; column++) {
            int from = (int) ((long) column * plot.types.size() / columns);
            int to = Math.max(from + 1, (int) ((column + 1L) * plot.types.size() / columns));
            double height = 0;
            boolean bright = false;
            boolean bad = false;
            for (CodeType type : plot.types.subList(from, to)) {
                int lines = type.place().endLine() - type.place().line() + 1;
                height = Math.max(height, Math.min(PLOT - 14, 3 + Math.sqrt(lines) * 2.6));
                bright |= lit.contains(type);
                bad |= broken.contains(type);
            }
            double x = plot.x + 4 + column * wide;
            graphics.setFill(bright ? colour(palette, Ink.CLAY) : quiet);
            graphics.fillRect(x, TOP + PLOT - 4 - height, Math.clamp(wide - 1, 0.6, 7), height);
            if (bad) {
                graphics.setFill(colour(palette, Ink.BROKEN));
                graphics.fillOval(x, TOP + PLOT - 11 - height, 4, 4);
            }
        }
    }

    private static void name(Plot plot, boolean focused, GraphicsContext graphics, Palette palette) {
        String last = plot.namespace.substring(plot.namespace.lastIndexOf('.') + 1);
        String text = last.isEmpty() ? "no package" : last;
        String shown = shortened(text, plot.width + GAP - 6);
        if (!shown.isEmpty()) {
            graphics.setFill(colour(palette, focused ? Ink.CLAY : Ink.SECOND));
            graphics.fillText(shown, plot.x + 2, TOP + PLOT + 14);
        }
    }

    static Color colour(Palette palette, Ink ink) {
        return COLOURS.get(palette).get(ink);
    }

    private static Map<Palette, Map<Ink, Color>> colours() {
        Map<Palette, Map<Ink, Color>> all = new EnumMap<>(Palette.class);
        for (Palette palette : Palette.values()) {
            Map<Ink, Color> own = new EnumMap<>(Ink.class);
            for (Ink ink : Ink.values()) {
                own.put(ink, ink == Ink.NONE ? Color.TRANSPARENT : Color.web(palette.colour(ink)));
            }
            all.put(palette, own);
        }
        return all;
    }

    /** As much of a name as fits; empty when that would say nothing. */
    private static String shortened(String text, double width) {
        String shown = text;
        while (shown.length() > 2 && Fonts.width(shown, 11, false, false) > width) {
            shown = (shown.endsWith("…")
                    ? shown.substring(0, shown.length() - 2)
                    : shown.substring(0, shown.length() - 1))
                    + "…";
        }
        return shown.length() > 3 || shown.equals(text) && Fonts.width(text, 11, false, false) <= width ? shown : "";
    }

    private Plot plot(double x) {
        return plots.stream().filter(plot -> x >= plot.x && x <= plot.x + plot.width).findFirst().orElse(null);
    }

    private CodeType type(Plot plot, double x, double y) {
        double step = (plot.width - 8) / plot.types.size();
        int index = (int) ((x - plot.x - 4) / step);
        return y < TOP + PLOT && index >= 0 && index < plot.types.size() ? plot.types.get(index) : null;
    }

    private String text(double x, double y) {
        Plot plot = plot(x);
        if (plot == null) {
            return "";
        }
        CodeType type = type(plot, x, y);
        return type != null
                ? type.name() + "\n" + plot.namespace
                : plot.namespace + ", %d types".formatted(plot.types.size());
    }

    private void choose(double x, double y) {
        Plot plot = plot(x);
        if (plot != null) {
            CodeType type = type(plot, x, y);
            session.stage().set(WorkStage.STRUCTURE);
            session.look(type == null ? new Focus.OfPackage(plot.namespace) : new Focus.OfType(type));
        }
    }
}
