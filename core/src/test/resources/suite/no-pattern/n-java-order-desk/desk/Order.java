package desk;

public record Order(String customer, String goods, int tons, Priority priority) {
    public static Builder forCustomer(String customer) {
        return new Builder(customer);
    }

    public static final class Builder {
        private final String customer;
        private String goods = "";
        private int tons;
        private Priority priority = Priority.NORMAL;

        private Builder(String customer) {
            this.customer = customer;
        }

        public Builder goods(String goods, int tons) {
            this.goods = goods;
            this.tons = tons;
            return this;
        }

        public Builder urgent() {
            this.priority = Priority.URGENT;
            return this;
        }

        public Order build() {
            if (goods.isEmpty()) {
                throw new IllegalStateException("nothing ordered");
            }
            return new Order(customer, goods, tons, priority);
        }
    }
}
