package bank;

import java.util.ArrayList;
import java.util.List;

public class Wallet {
    private final List<Receipt> receipts = new ArrayList<>();

    public void buy(Account account, int amount) {
        receipts.add(account.pay(amount));
    }

    public void regret(int amount) {
        receipts.removeLast().cancel(amount);
    }

    public String print() {
        StringBuilder all = new StringBuilder();
        for (Receipt receipt : receipts) {
            all.append(receipt.text());
        }
        return all.toString();
    }
}
