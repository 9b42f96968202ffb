package dev.huella.desktop;

import dev.huella.core.diagram.CallTrace;
import dev.huella.core.diagram.Detail;
import dev.huella.core.diagram.PackageCut;
import dev.huella.core.diagram.Reach;
import dev.huella.core.diagram.View;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Drawing.Area;
import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.layout.Arrangement;
import dev.huella.core.layout.ClassLayout;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Relation;
import dev.huella.core.project.DrawingEdits;
import dev.huella.core.project.DrawingRequest;
import dev.huella.core.project.DrawingRequest.Kind;
import dev.huella.core.project.Drawings;
import dev.huella.core.project.Project;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;

/**
 * What is drawn of the focus and how: kind, detail, reach, and what the person moved, hid and folded. Layout runs in
 * the background; a late result is dropped. All else runs on the interface thread.
 */
final class DrawingDesk {
    private static final int MANY = 24;
    private static final int PACKAGES = 16;
    private static final int REMEMBERED = 40;
    private final Session session;
    private final ObjectProperty<Drawing> drawing = new SimpleObjectProperty<>(Drawing.EMPTY);
    private final ObjectProperty<List<Kind>> kinds = new SimpleObjectProperty<>(List.of());
    private final ObjectProperty<Kind> kind = new SimpleObjectProperty<>();
    private final ObjectProperty<Detail.Level> detail = new SimpleObjectProperty<>(Detail.Level.PUBLIC);
    private final BooleanProperty parameters = new SimpleBooleanProperty(true);
    private final IntegerProperty distance = new SimpleIntegerProperty(1);
    private final IntegerProperty depth = new SimpleIntegerProperty(CallTrace.USUAL_DEPTH);
    private final ObjectProperty<Set<Reach>> along = new SimpleObjectProperty<>(Reach.ALL);
    private final BooleanProperty framed = new SimpleBooleanProperty();
    private final BooleanProperty every = new SimpleBooleanProperty();
    private final BooleanProperty busy = new SimpleBooleanProperty();
    private final Map<String, Map<String, Point>> placed = new HashMap<>();
    /** The last drawings, so that going back and undoing show exactly what was there. */
    private final Map<String, Drawing> made = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Drawing> eldest) {
            return size() > REMEMBERED;
        }
    };
    private Kind wanted;
    private boolean choosing;
    private int asked;

    DrawingDesk(Session session) {
        this.session = session;
        session.project().addListener(change -> made.clear());
        session.focus().addListener(change -> focused());
        for (var property : List.of(detail, parameters, distance, depth, along, framed, every, session.memory())) {
            property.addListener(change -> draw());
        }
        kind.addListener(change -> {
            if (!choosing) {
                wanted = kind.get();
                draw();
            }
        });
    }

    ObjectProperty<Drawing> drawing() {
        return drawing;
    }

    /** Kinds of diagram that the focus can be shown in. */
    ObjectProperty<List<Kind>> kinds() {
        return kinds;
    }

    ObjectProperty<Kind> kind() {
        return kind;
    }

    ObjectProperty<Detail.Level> detail() {
        return detail;
    }

    BooleanProperty parameters() {
        return parameters;
    }

    IntegerProperty distance() {
        return distance;
    }

    IntegerProperty depth() {
        return depth;
    }

    ObjectProperty<Set<Reach>> along() {
        return along;
    }

    BooleanProperty framed() {
        return framed;
    }

    /** Draws all types of a package, however many; else those with the most ties to the others. */
    BooleanProperty every() {
        return every;
    }

    BooleanProperty busy() {
        return busy;
    }

    private void focused() {
        DrawingRequest.Subject subject = subject();
        Project project = session.project().get();
        int number = ++asked;
        if (subject == null || project == null) {
            busy.set(false);
            if (!(session.focus().get() instanceof Focus.OfFile)) {
                drawing.set(Drawing.EMPTY);
                kinds.set(List.of());
            }
            return;
        }
        busy.set(true);
        Thread.ofVirtual().name("kinds").start(() -> {
            List<Kind> found = DrawingRequest.kinds(subject);
            Platform.runLater(() -> {
                if (number == asked) {
                    choosing = true;
                    kinds.set(found);
                    kind.set(wanted != null && found.contains(wanted) ? wanted : found.getFirst());
                    choosing = false;
                    draw();
                }
            });
        });
    }

    private DrawingRequest.Subject subject() {
        return session.focus().get().subject(distance.get());
    }

    /** Which drawing this is, for remembering what was done to it. */
    private String key() {
        return session.focus().get().key() + " as " + kind.get();
    }

    private DrawingEdits edits() {
        return session.memory().get().of(key());
    }

    private void draw() {
        DrawingRequest.Subject subject = subject();
        Project project = session.project().get();
        if (subject == null || project == null || kind.get() == null || !kinds.get().contains(kind.get())) {
            return;
        }
        int number = ++asked;
        boolean whole = session.focus().get() instanceof Focus.OfWhole;
        DrawingEdits edits = edits();
        View view = View.USUAL.with(new Detail(detail.get(), parameters.get()))
                .along(along.get())
                .hiding(edits.hidden())
                .showing(edits.shown())
                .atMost(every.get() ? Integer.MAX_VALUE : MANY)
                .framed(framed.get() || whole || !edits.folded().isEmpty())
                .folding(whole && edits.folded().isEmpty() ? packages(project.model()) : edits.folded());
        var request = new DrawingRequest(subject, kind.get(), view, depth.get());
        var arrangement = new Arrangement(placed.getOrDefault(key(), Map.of()), edits.moved());
        String key = key();
        String same = "%s %s %s %d %d".formatted(key, view, edits.moved(), depth.get(), distance.get());
        if (made.containsKey(same)) {
            busy.set(false);
            drawing.set(made.get(same));
            return;
        }
        busy.set(true);
        Thread.ofVirtual().name("layout").start(() -> {
            Drawing drawn = draw(project, request, arrangement);
            Platform.runLater(() -> {
                if (number == asked) {
                    made.put(same, drawn);
                    place(key, drawn, edits);
                    busy.set(false);
                    drawing.set(drawn);
                }
            });
        });
    }

    /** Where boxes stand by themselves; those put somewhere by hand go back to where they were when they are let go. */
    private void place(String key, Drawing drawn, DrawingEdits edits) {
        Map<String, Point> now = new HashMap<>(ClassLayout.positions(drawn));
        Map<String, Point> before = placed.getOrDefault(key, Map.of());
        edits.moved().keySet().forEach(id -> now.computeIfPresent(id, (same, at) -> before.getOrDefault(id, at)));
        placed.put(key, now);
    }

    /** A fault in drawing one thing is told and leaves the window as it is otherwise. */
    private Drawing draw(Project project, DrawingRequest request, Arrangement arrangement) {
        try {
            return new Drawings(project).draw(request, arrangement);
        } catch (RuntimeException e) {
            System.getLogger("huella").log(System.Logger.Level.WARNING, "A drawing failed", e);
            Platform.runLater(() -> session.message()
                    .set("This could not be drawn; all else works as before. "
                            + "Another kind of drawing may show it."));
            return Drawing.EMPTY;
        }
    }

    /** The packages of the whole code base, those that would be too many put together. */
    private static Set<String> packages(Model model) {
        Map<String, Integer> types = new HashMap<>();
        model.declared().forEach(type -> types.merge(type.namespace(), 1, Integer::sum));
        return PackageCut.of(types, PACKAGES).keySet();
    }

    void hide(Area box) {
        if (box.element() != null) {
            change(edits().hiding(box.box()));
        }
    }

    /** Shows the neighbours of a type that are not there: those hidden, and those that found no room. */
    void showAround(CodeType type) {
        Set<String> names = new TreeSet<>();
        for (Relation relation : session.project().get().model().relations()) {
            if (relation.from() == type || relation.to() == type) {
                names.add((relation.from() == type ? relation.to() : relation.from()).qualifiedName());
            }
        }
        change(edits().showing(names));
    }

    /** Folds a package that is drawn as a frame with all inside it, and opens one that is folded. */
    void fold(String name) {
        DrawingEdits edits = edits();
        boolean whole = session.focus().get() instanceof Focus.OfWhole;
        Set<String> folded = new TreeSet<>(whole && edits.folded().isEmpty()
                ? packages(session.project().get().model())
                : edits.folded());
        boolean opened = folded.remove(name) | folded.remove(name + View.WITH_ALL_INSIDE);
        if (!opened) {
            folded.add(name + View.WITH_ALL_INSIDE);
        }
        change(new DrawingEdits(edits.hidden(), edits.shown(), folded, edits.moved()));
    }

    void move(String box, Point to) {
        change(edits().moving(box, to));
    }

    /** Everything as it was drawn first. */
    void reset() {
        placed.remove(key());
        made.clear();
        change(DrawingEdits.NONE);
    }

    private void change(DrawingEdits next) {
        if (!next.equals(edits())) {
            session.remember(session.memory().get().with(key(), next));
        }
    }
}
