package time;

public class Diary {
    public String entry() {
        return "at " + Clock.get().hour();
    }
}
