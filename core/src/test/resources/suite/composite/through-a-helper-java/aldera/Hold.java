package aldera;

import java.util.ArrayList;
import java.util.List;

interface Cargo {
    boolean holds(String goods);
}

class Crate implements Cargo {
    private final String goods;

    Crate(String goods) {
        this.goods = goods;
    }

    @Override
    public boolean holds(String asked) {
        return goods.equals(asked);
    }
}

class Barrel implements Cargo {
    @Override
    public boolean holds(String asked) {
        return "oil".equals(asked);
    }
}

class Hold implements Cargo {
    private final List<Cargo> parts = new ArrayList<>();

    void load(Cargo cargo) {
        parts.add(cargo);
    }

    @Override
    public boolean holds(String asked) {
        return searched(asked.strip());
    }

    private boolean searched(String asked) {
        int seen = 0;
        for (Cargo part : parts) {
            if (seen++ > 10) {
                return false;
            }
            if (part.holds(asked)) {
                return true;
            }
        }
        return false;
    }
}

class Customs {
    boolean search(Cargo cargo, String asked) {
        return cargo.holds(asked);
    }
}
