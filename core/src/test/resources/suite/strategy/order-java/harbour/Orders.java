package harbour;

import java.util.Comparator;

class ByName implements Comparator<String> {
    @Override
    public int compare(String one, String two) {
        return one.compareTo(two);
    }
}

class ByLength implements Comparator<String> {
    @Override
    public int compare(String one, String two) {
        return one.length() - two.length();
    }
}

class Office {
    List<String> day() {
        Rota rota = new Rota(new ByName());
        rota.enter("Ines");
        return rota.watches();
    }

    List<String> night() {
        Rota rota = new Rota(new ByLength());
        rota.enter("Bo");
        return rota.watches();
    }
}
