package loom;

class Shop {
    private final Pattern house = new Pattern();

    Pattern order(String colour) {
        Pattern own = house.clone();
        own.dye(colour);
        return own;
    }
}
