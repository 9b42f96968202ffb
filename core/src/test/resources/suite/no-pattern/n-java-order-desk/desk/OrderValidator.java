package desk;

import java.util.List;

public interface OrderValidator {
    List<String> validate(Order order);

    default OrderValidator and(OrderValidator other) {
        return order -> {
            List<String> all = new java.util.ArrayList<>(validate(order));
            all.addAll(other.validate(order));
            return all;
        };
    }
}
