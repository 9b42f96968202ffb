package harbour;

interface Rope {
    int strength();
}

class HempRope implements Rope {
    @Override
    public int strength() {
        return 3;
    }
}

class WireRope implements Rope {
    @Override
    public int strength() {
        return 30;
    }
}

class RopeStore {
    public Rope rope(String kind) {
        if ("hemp".equals(kind)) {
            return new HempRope();
        }
        if ("wire".equals(kind)) {
            return new WireRope();
        }
        return null;
    }
}

class Quay {
    private final RopeStore store = new RopeStore();

    int hold(String kind) {
        Rope rope = store.rope(kind);
        return rope.strength() + new WireRope().strength();
    }
}
