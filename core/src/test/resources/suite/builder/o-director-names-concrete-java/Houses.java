package toys;

class DollHouse {
    private int rooms;
    private String roof = "";

    void rooms(int count) {
        rooms = count;
    }

    void roof(String kind) {
        roof = kind;
    }

    int price() {
        return rooms * 900 + roof.length();
    }
}

interface HouseBuilder {
    void rooms();

    void roof();

    DollHouse house();
}

class CottageBuilder implements HouseBuilder {
    private final DollHouse house = new DollHouse();

    @Override
    public void rooms() {
        house.rooms(3);
    }

    @Override
    public void roof() {
        house.roof("thatch");
    }

    @Override
    public DollHouse house() {
        return house;
    }
}

class VillaBuilder implements HouseBuilder {
    private final DollHouse house = new DollHouse();

    @Override
    public void rooms() {
        house.rooms(9);
    }

    @Override
    public void roof() {
        house.roof("slate");
    }

    @Override
    public DollHouse house() {
        return house;
    }
}

class Carpenter {
    private final CottageBuilder builder;

    Carpenter(CottageBuilder builder) {
        this.builder = builder;
    }

    DollHouse make() {
        builder.rooms();
        builder.roof();
        return builder.house();
    }
}

class Workshop {
    int order() {
        HouseBuilder villa = new VillaBuilder();
        villa.rooms();
        villa.roof();
        return new Carpenter(new CottageBuilder()).make().price() + villa.house().price();
    }
}
