package trip;

class Purse {
    private int left = 1000;

    void pay(int price) {
        left -= price;
    }
}
