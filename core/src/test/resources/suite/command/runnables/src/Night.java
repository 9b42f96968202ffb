package aldera;

public class Night {
    public static void main(String[] args) {
        Dock dock = new Dock();
        NightWork work = new NightWork();
        work.plan(dock::pump);
        work.plan(() -> dock.flood());
        System.out.println(work.begin());
    }
}
