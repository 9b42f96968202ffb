package aldera.yard;

public class Owner {
    public int inspect(Yard yard) {
        return yard.launch("Sirena").ribs();
    }
}
