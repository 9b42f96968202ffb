package desk;

import java.util.List;

final class WeightValidator implements OrderValidator {
    private final int most;

    WeightValidator(int most) {
        this.most = most;
    }

    @Override
    public List<String> validate(Order order) {
        return order.tons() > most ? List.of("too heavy") : List.of();
    }
}

final class CustomerValidator implements OrderValidator {
    @Override
    public List<String> validate(Order order) {
        return order.customer().isBlank() ? List.of("no customer") : List.of();
    }
}
