class Wrapper {
    private boolean ribbon; private boolean card; private boolean box; private int price;
    int wrap() {
        price = 10;
        if (ribbon) price += 2;
        if (card) price += 1;
        if (box) price += 5;
        return price;
    }
}
class Plainer { private boolean box; int wrap() { return box ? 5 : 0; } }
