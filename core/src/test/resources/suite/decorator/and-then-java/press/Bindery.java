package press;

public class Bindery {
    public String bind(String page) {
        Finish finish = Finish.gilded(Finish.stitched(new Plain()));
        return finish.apply(page);
    }
}
