package harbour;

import java.util.ArrayDeque;
import java.util.Deque;

interface Order {
    void carryOut();
}

class Crane {
    int lifted;

    void lift(int tons) {
        lifted += tons;
    }

    void turn(int degrees) {
        lifted += degrees > 0 ? 0 : 0;
    }
}

final class Form {
    static int tons;
    static int degrees;

    private Form() {
    }
}

class LiftOrder implements Order {
    private final Crane crane;

    LiftOrder(Crane crane) {
        this.crane = crane;
    }

    @Override
    public void carryOut() {
        crane.lift(Form.tons);
    }
}

class TurnOrder implements Order {
    private final Crane crane;
    private final int degrees;

    TurnOrder(Crane crane, int degrees) {
        this.crane = crane;
        this.degrees = degrees;
    }

    @Override
    public void carryOut() {
        crane.turn(degrees);
    }
}

class Foreman {
    private final Deque<Order> orders = new ArrayDeque<>();

    void take(Order order) {
        orders.add(order);
    }

    void work() {
        while (!orders.isEmpty()) {
            orders.poll().carryOut();
        }
    }
}

class Shift {
    void run() {
        Crane crane = new Crane();
        Foreman foreman = new Foreman();
        Form.tons = 4;
        foreman.take(new LiftOrder(crane));
        foreman.take(new TurnOrder(crane, 90));
        foreman.work();
    }
}
