package fees;

public class Invoice {
    private final Fee fee;
    private int total;

    public Invoice(Fee fee) {
        this.fee = fee;
    }

    public void add(int tons) {
        total += fee.cents(tons);
    }

    public int total() {
        return total;
    }
}
