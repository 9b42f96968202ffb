package harbour;

import java.util.ArrayDeque;
import java.util.Deque;

interface Order {
    void run();

    void undo();
}

class Crane {
    private int lifted;

    void lift(int tons) {
        lifted += tons;
    }

    void lower(int tons) {
        lifted -= tons;
    }
}

class Foreman {
    private final Deque<Order> done = new ArrayDeque<>();

    void take(Order order) {
        order.run();
        done.push(order);
    }

    void back() {
        if (!done.isEmpty()) {
            done.pop().undo();
        }
    }
}

class Shift {
    private final Crane crane = new Crane();

    Order lifting(int tons) {
        return new Order() {
            @Override
            public void run() {
                crane.lift(tons);
            }

            @Override
            public void undo() {
                crane.lower(tons);
            }
        };
    }

    void work() {
        Foreman foreman = new Foreman();
        foreman.take(lifting(3));
        foreman.back();
    }
}
