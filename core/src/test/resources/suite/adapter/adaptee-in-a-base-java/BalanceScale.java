package aldera.scale;

abstract class BalanceScale implements Scale {
    protected final Balance balance;

    BalanceScale(Balance balance) {
        this.balance = balance;
    }

    @Override
    public boolean steady() {
        return balance.swing() == 0;
    }
}
