package aldera;

public class Watch {
    public static void main(String[] args) {
        Log log = new ShoutingLog(new TimedLog());
        log.entry("all well");
    }
}
