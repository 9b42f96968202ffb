package bank;

public interface Vault {
    int take(int cents);

    void put(int cents);
}
