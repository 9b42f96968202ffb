package aldera;

public class Ferry {
    private Horn horn;

    public Ferry(Horn horn) {
        this.horn = horn;
    }

    public void refit(Horn horn) {
        this.horn = horn;
    }

    public String leave() {
        return "Leaving: " + horn.sound();
    }

    public static void main(String[] args) {
        Ferry ferry = new Ferry(new ShortHorn());
        System.out.println(ferry.leave());
        ferry.refit(new LongHorn());
        System.out.println(ferry.leave());
    }
}
