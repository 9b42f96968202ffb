import java.util.ArrayList;
import java.util.List;

class Launch {
    private final String name;
    private final String harbour;

    Launch(String name, String harbour) {
        this.name = name;
        this.harbour = harbour;
    }

    String sign() {
        return name + " of " + harbour;
    }
}

class Fleet {
    private final List<Launch> launches = new ArrayList<>();
    private String harbour = "Aldera";
    private int limit = 10;

    Fleet moveTo(String harbour) {
        this.harbour = harbour;
        return this;
    }

    Fleet limit(int limit) {
        this.limit = limit;
        return this;
    }

    Launch launch(String name) {
        Launch made = new Launch(name, harbour);
        if (launches.size() < limit) {
            launches.add(made);
        }
        return made;
    }
}

class Yard {
    String show(Fleet fleet) {
        return fleet.moveTo("Vell").limit(3).launch("Petrel").sign();
    }
}
