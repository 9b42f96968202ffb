package crossing;

public class Captain {
    public void day(Ferry ferry) {
        ferry.load(true);
        ferry.cross();
    }
}
