package aldera;

class Chandler {
    private Outfit outfit;

    void serve(Outfit outfit) {
        this.outfit = outfit;
    }

    int equip() {
        outfit.anchor().drop();
        System.out.println(outfit.flag().colours());
        return outfit.rope(20).breaksAt();
    }
}
