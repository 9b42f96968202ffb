package bank;

import java.util.HashMap;
import java.util.Map;

public class Accounts {
    private final Map<String, Account> byName = new HashMap<>();

    public void open(String name, Account account) {
        byName.put(name, account);
    }

    public int pay(String name, int cents) {
        return byName.get(name).pay(cents);
    }
}

interface Account {
    int pay(int cents);
}

class Plain implements Account {
    private int sum;

    @Override
    public int pay(int cents) {
        sum += cents;
        return sum;
    }
}

class WithBonus implements Account {
    private int sum;

    @Override
    public int pay(int cents) {
        sum += cents + 10;
        return sum;
    }
}

class Main {
    public static void main(String[] args) {
        Accounts accounts = new Accounts();
        accounts.open("ada", new Plain());
        accounts.open("bo", new WithBonus());
        System.out.println(accounts.pay("ada", 300));
    }
}
