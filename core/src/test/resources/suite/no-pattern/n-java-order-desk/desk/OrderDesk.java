package desk;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

public final class OrderDesk {
    private final Map<Priority, List<Order>> orders = new EnumMap<>(Priority.class);
    private final OrderValidator validator;
    private final Notifier notifier;

    public OrderDesk(OrderValidator validator, Notifier notifier) {
        this.validator = Objects.requireNonNull(validator);
        this.notifier = Objects.requireNonNull(notifier);
    }

    public void place(Order order) {
        List<String> problems = validator.validate(order);
        if (!problems.isEmpty()) {
            throw new InvalidOrder(problems);
        }
        orders.computeIfAbsent(order.priority(), key -> new ArrayList<>()).add(order);
        notifier.send(order.customer(), "placed " + order.goods());
    }

    public int open(Priority priority) {
        return orders.getOrDefault(priority, List.of()).size();
    }
}
