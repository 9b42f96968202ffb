package bank;

public class Account {
    private int cents;

    public Receipt pay(int amount) {
        cents -= amount;
        return new Receipt(this, cents);
    }

    void refund(int amount) {
        cents += amount;
    }
}
