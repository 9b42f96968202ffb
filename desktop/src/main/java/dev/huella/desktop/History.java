package dev.huella.desktop;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;

/** Where the focus has been, for going back and forward. */
final class History {
    private static final int LONGEST = 200;
    private final Deque<Focus> before = new ArrayDeque<>();
    private final Deque<Focus> after = new ArrayDeque<>();
    private final BooleanProperty canGoBack = new SimpleBooleanProperty();
    private final BooleanProperty canGoForward = new SimpleBooleanProperty();

    BooleanProperty canGoBack() {
        return canGoBack;
    }

    BooleanProperty canGoForward() {
        return canGoForward;
    }

    void leave(Focus focus) {
        if (!(focus instanceof Focus.Nothing)) {
            before.push(focus);
            if (before.size() > LONGEST) {
                before.removeLast();
            }
        }
        after.clear();
        update();
    }

    /** Null when there is nothing to go back to. */
    Focus back(Focus now) {
        return move(before, after, now);
    }

    /** Null when there is nothing to go forward to. */
    Focus forward(Focus now) {
        return move(after, before, now);
    }

    private Focus move(Deque<Focus> from, Deque<Focus> to, Focus now) {
        if (from.isEmpty()) {
            return null;
        }
        to.push(now);
        Focus next = from.pop();
        update();
        return next;
    }

    /** Puts what each place has become in its stead. */
    void replace(UnaryOperator<Focus> now) {
        for (Deque<Focus> all : List.of(before, after)) {
            List<Focus> places = all.stream().map(now).filter(place -> !(place instanceof Focus.Nothing)).toList();
            all.clear();
            all.addAll(places);
        }
        update();
    }

    void clear() {
        before.clear();
        after.clear();
        update();
    }

    private void update() {
        canGoBack.set(!before.isEmpty());
        canGoForward.set(!after.isEmpty());
    }
}
