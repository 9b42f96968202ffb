package dev.huella.desktop;

import dev.huella.core.diagram.Detail;
import dev.huella.core.diagram.Reach;
import dev.huella.core.project.DrawingRequest.Kind;
import java.util.EnumSet;
import java.util.Set;
import javafx.beans.property.ObjectProperty;
import javafx.scene.Node;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Chooses how the focus is drawn: the kind of diagram, what boxes say, how far and along what. */
final class DrawingTools {
    private final DrawingDesk desk;
    private final HBox tabs = new HBox();
    private final MenuButton shows = new MenuButton("What it shows");
    private final HBox node = new HBox();

    DrawingTools(DrawingDesk desk) {
        this.desk = desk;
        tabs.getStyleClass().add("kinds");
        shows.setId("shows");
        shows.getStyleClass().add("tool");
        shows.setMinWidth(Region.USE_PREF_SIZE);
        shows.setAccessibleText("What the drawing shows: members, relations, distance");
        shows.setVisible(false);
        fill();
        var space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        node.getChildren().addAll(tabs, space, shows);
        desk.kinds().addListener(change -> tabs());
        desk.kind().addListener(change -> tabs());
    }

    Node node() {
        return node;
    }

    private void tabs() {
        tabs.getChildren().clear();
        var group = new ToggleGroup();
        for (Kind kind : desk.kinds().get()) {
            var tab = new ToggleButton(kind.title());
            tab.setId("kind-" + kind.name().toLowerCase(java.util.Locale.ROOT));
            tab.getStyleClass().setAll("kind");
            tab.setAccessibleText(kind.about());
            tab.setToggleGroup(group);
            tab.setSelected(kind == desk.kind().get());
            tab.setMinWidth(Region.USE_PREF_SIZE);
            tab.setOnAction(event -> {
                tab.setSelected(true);
                desk.kind().set(kind);
            });
            tabs.getChildren().add(tab);
        }
        shows.setVisible(!desk.kinds().get().isEmpty());
    }

    private void fill() {
        var levels = new ToggleGroup();
        for (Detail.Level level : Detail.Level.values()) {
            shows.getItems().add(radio(switch (level) {
                case NAMES -> "Names only";
                case PUBLIC -> "Public members";
                case ALL -> "All members";
            }, level, desk.detail(), levels));
        }
        shows.getItems().add(check("Types of parameters", desk.parameters()));
        shows.getItems().add(new SeparatorMenuItem());
        for (Reach reach : Reach.values()) {
            shows.getItems().add(along(reach));
        }
        shows.getItems().add(new SeparatorMenuItem());
        var distances = new ToggleGroup();
        for (int distance = 1; distance <= 3; distance++) {
            int number = distance;
            var item = new RadioMenuItem(distance == 1 ? "Neighbours" : "Neighbours %d steps away".formatted(distance));
            item.setToggleGroup(distances);
            item.setSelected(desk.distance().get() == number);
            desk.distance().addListener((property, before, now) -> item.setSelected(now.intValue() == number));
            item.setOnAction(event -> desk.distance().set(number));
            shows.getItems().add(item);
        }
        shows.getItems().add(check("Packages as frames", desk.framed()));
        shows.getItems().add(check("All of a package, however crowded", desk.every()));
        shows.getItems().add(new SeparatorMenuItem());
        shows.getItems().add(item("Follow calls one step further", () -> desk.depth().set(desk.depth().get() + 1)));
        shows.getItems()
                .add(item("Follow calls one step less", () -> desk.depth().set(Math.max(1, desk.depth().get() - 1))));
        shows.getItems().add(new SeparatorMenuItem());
        shows.getItems().add(item("As it was drawn first", desk::reset));
    }

    private static <T> RadioMenuItem radio(String text, T value, ObjectProperty<T> property, ToggleGroup group) {
        var item = new RadioMenuItem(text);
        item.setToggleGroup(group);
        item.setSelected(property.get() == value);
        property.addListener((observed, before, now) -> item.setSelected(now == value));
        item.setOnAction(event -> property.set(value));
        return item;
    }

    private static CheckMenuItem check(String text, javafx.beans.property.BooleanProperty property) {
        var item = new CheckMenuItem(text);
        item.selectedProperty().bindBidirectional(property);
        return item;
    }

    private CheckMenuItem along(Reach reach) {
        var item = new CheckMenuItem(switch (reach) {
            case INHERITANCE -> "Inheritance";
            case ASSOCIATION -> "What is held";
            case CREATION -> "What is created";
            case USE -> "What is called or used";
        });
        item.setSelected(true);
        item.setOnAction(event -> {
            Set<Reach> all = EnumSet.noneOf(Reach.class);
            all.addAll(desk.along().get());
            if (item.isSelected()) {
                all.add(reach);
            } else {
                all.remove(reach);
            }
            desk.along().set(Set.copyOf(all));
        });
        return item;
    }

    private static MenuItem item(String text, Runnable run) {
        var item = new MenuItem(text);
        item.setOnAction(event -> run.run());
        return item;
    }
}
