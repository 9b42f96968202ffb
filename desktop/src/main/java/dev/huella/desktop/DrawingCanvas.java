package dev.huella.desktop;

import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Drawing.Area;
import dev.huella.core.drawing.Ink;
import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.drawing.Palette;
import java.util.Comparator;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;

/** Shows a drawing that can be moved about, made larger and smaller, and whose boxes can be chosen and moved. */
final class DrawingCanvas {
    private static final double LARGEST = 1.4;
    private static final double STEP = 16;
    private final Canvas canvas = new Canvas();
    private final Pane node = new Pane(canvas);
    private final Session session;
    private Drawing drawing = Drawing.EMPTY;
    private CaptionRoom room = CaptionRoom.NONE;
    private Doings doings;
    private double scale = 1;
    private double left;
    private double top;
    private double pressedX;
    private double pressedY;
    private boolean dragged;
    private Area held;
    private double heldX;
    private double heldY;
    private String selected;

    /** What a person does to a drawing. */
    interface Doings {
        /** Wants to see what an area stands for. */
        void open(Area area);

        /** Put a box somewhere: its upper left corner. */
        void moved(Area box, Point to);

        /** Asks what can be done with an area, or with nothing (null). */
        void menu(Area area, Area box, double screenX, double screenY);

        void hide(Area box);
    }

    DrawingCanvas(Session session) {
        this.session = session;
        node.setMinSize(0, 0);
        canvas.widthProperty().bind(node.widthProperty());
        canvas.heightProperty().bind(node.heightProperty());
        canvas.setId("drawing");
        canvas.setFocusTraversable(true);
        canvas.setAccessibleText("The drawing. Arrow keys choose a box, Enter looks at it, Shift and arrows move it, "
                + "H hides it.");
        canvas.widthProperty().addListener(change -> fit());
        canvas.heightProperty().addListener(change -> fit());
        canvas.focusedProperty().addListener(change -> paint());
        canvas.setOnMousePressed(this::press);
        canvas.setOnMouseDragged(this::drag);
        canvas.setOnMouseReleased(this::release);
        canvas.setOnScroll(this::scroll);
        canvas.setOnKeyPressed(this::key);
        canvas.setOnContextMenuRequested(event -> {
            Area at = drawing.areaAt(x(event.getX()), y(event.getY()));
            doings.menu(at, drawing.boxAt(x(event.getX()), y(event.getY())), event.getScreenX(), event.getScreenY());
        });
        session.dark().addListener(change -> paint());
    }

    void focus() {
        canvas.requestFocus();
    }

    Pane node() {
        return node;
    }

    void doings(Doings all) {
        doings = all;
    }

    /** {@code stay}: the same thing as before, so that what is seen of it stays in place. */
    void show(Drawing next, boolean stay) {
        drawing = next;
        room = CaptionRoom.of(next);
        if (next.areas().stream().noneMatch(area -> area.box() != null && area.box().equals(selected))) {
            selected = null;
        }
        if (stay) {
            paint();
        } else {
            fit();
        }
    }

    Drawing drawing() {
        return drawing;
    }

    double scale() {
        return scale;
    }

    /** Where a point of the drawing is on the canvas. */
    Point onCanvas(double atX, double atY) {
        return new Point(atX * scale + left, atY * scale + top);
    }

    void fit() {
        if (drawing.width() > 0 && canvas.getWidth() > 0 && canvas.getHeight() > 0) {
            scale = Math.min(LARGEST,
                    Math.min(canvas.getWidth() / drawing.width(), canvas.getHeight() / drawing.height()));
            left = (canvas.getWidth() - drawing.width() * scale) / 2;
            top = Math.max(0, (canvas.getHeight() - drawing.height() * scale) / 3);
        }
        paint();
    }

    /** Makes it larger or smaller around the middle. */
    void zoom(double factor) {
        zoom(factor, canvas.getWidth() / 2, canvas.getHeight() / 2);
    }

    private void zoom(double factor, double atX, double atY) {
        double next = Math.clamp(scale * factor, 0.02, 6);
        left = atX - (atX - left) * next / scale;
        top = atY - (atY - top) * next / scale;
        scale = next;
        paint();
    }

    /** Moves what is seen. */
    void pan(double dx, double dy) {
        left += dx;
        top += dy;
        paint();
    }

    void paint() {
        Palette palette = session.dark().get() ? Palette.DARK : Palette.LIGHT;
        GraphicsContext graphics = canvas.getGraphicsContext2D();
        graphics.setTransform(1, 0, 0, 1, 0, 0);
        graphics.setFill(Colours.of(palette, Ink.SHEET));
        graphics.fillRect(0, 0, canvas.getWidth(), canvas.getHeight());
        graphics.setTransform(scale, 0, 0, scale, left, top);
        var painter = new CanvasPainter(graphics, palette, scale, room);
        painter.paint(drawing, x(0), y(0), x(canvas.getWidth()), y(canvas.getHeight()));
        Area chosen = selected();
        if (chosen != null && canvas.isFocused()) {
            painter.outline(chosen.x() - 4, chosen.y() - 4, chosen.width() + 8, chosen.height() + 8);
        }
        if (held != null && dragged) {
            painter.outline(held.x() + heldX, held.y() + heldY, held.width(), held.height());
        }
    }

    private Area selected() {
        return drawing.areas()
                .stream()
                .filter(area -> area.box() != null && area.box().equals(selected))
                .findFirst()
                .orElse(null);
    }

    private double x(double canvasX) {
        return (canvasX - left) / scale;
    }

    private double y(double canvasY) {
        return (canvasY - top) / scale;
    }

    private void press(MouseEvent event) {
        canvas.requestFocus();
        pressedX = event.getX();
        pressedY = event.getY();
        dragged = false;
        heldX = 0;
        heldY = 0;
        held = event.getButton() == MouseButton.PRIMARY ? drawing.boxAt(x(event.getX()), y(event.getY())) : null;
        selected = held == null ? null : held.box();
    }

    private void drag(MouseEvent event) {
        dragged |= Math.hypot(event.getX() - pressedX, event.getY() - pressedY) > 3;
        if (dragged && held == null) {
            left += event.getX() - pressedX;
            top += event.getY() - pressedY;
            pressedX = event.getX();
            pressedY = event.getY();
        } else if (dragged) {
            heldX = (event.getX() - pressedX) / scale;
            heldY = (event.getY() - pressedY) / scale;
        }
        if (dragged) {
            paint();
        }
    }

    private void release(MouseEvent event) {
        if (event.getButton() != MouseButton.PRIMARY) {
            return;
        }
        Area moved = held;
        held = null;
        if (dragged && moved != null) {
            doings.moved(moved, new Point(moved.x() + heldX, moved.y() + heldY));
        } else if (!dragged) {
            Area at = drawing.areaAt(x(event.getX()), y(event.getY()));
            if (at != null) {
                doings.open(at);
            }
        }
    }

    private void scroll(ScrollEvent event) {
        if (event.isShortcutDown() || event.getDeltaX() == 0 && !event.isShiftDown() && event.isControlDown()) {
            zoom(event.getDeltaY() > 0 ? 1.1 : 0.91, event.getX(), event.getY());
        } else {
            pan(event.getDeltaX(), event.getDeltaY());
        }
    }

    private void key(KeyEvent event) {
        Area chosen = selected();
        int dx = 0;
        int dy = 0;
        switch (event.getCode()) {
            case LEFT -> dx = -1;
            case RIGHT -> dx = 1;
            case UP -> dy = -1;
            case DOWN -> dy = 1;
            case ENTER -> {
                if (chosen != null) {
                    doings.open(chosen);
                }
            }
            case H, DELETE -> {
                if (chosen != null) {
                    doings.hide(chosen);
                }
            }
            default -> {
                return;
            }
        }
        if (dx != 0 || dy != 0) {
            if (event.isAltDown() || event.isShortcutDown()) {
                return;
            }
            if (event.isShiftDown() && chosen != null) {
                doings.moved(chosen, new Point(chosen.x() + dx * STEP, chosen.y() + dy * STEP));
            } else {
                next(chosen, dx, dy);
            }
        }
        event.consume();
    }

    /** Chooses the nearest box in a direction; the first one when none is chosen. */
    private void next(Area from, int dx, int dy) {
        drawing.areas()
                .stream()
                .filter(area -> area.box() != null && area.element() != null)
                .filter(area -> from == null || ahead(from, area, dx, dy) > 1)
                .min(Comparator.comparingDouble(area -> from == null
                        ? area.y() * 4 + area.x()
                        : ahead(from, area, dx, dy) + 3 * Math.abs(dx == 0
                                ? middleX(area) - middleX(from)
                                : middleY(area) - middleY(from))))
                .ifPresent(area -> selected = area.box());
        paint();
    }

    private static double ahead(Area from, Area to, int dx, int dy) {
        return dx == 0 ? (middleY(to) - middleY(from)) * dy : (middleX(to) - middleX(from)) * dx;
    }

    private static double middleX(Area area) {
        return area.x() + area.width() / 2;
    }

    private static double middleY(Area area) {
        return area.y() + area.height() / 2;
    }
}
