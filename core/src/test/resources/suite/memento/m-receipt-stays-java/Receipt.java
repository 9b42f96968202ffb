package bank;

public final class Receipt {
    private final Account account;
    private final int left;

    Receipt(Account account, int left) {
        this.account = account;
        this.left = left;
    }

    public void cancel(int amount) {
        account.refund(amount);
    }

    public String text() {
        return "left: " + left;
    }
}
