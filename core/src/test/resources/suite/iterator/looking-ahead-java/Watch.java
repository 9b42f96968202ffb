package log;

public class Watch {
    public static void main(String[] args) {
        Log log = new Log();
        log.note("fog");
        log.note("!fire");
        for (Alarms alarms = log.alarms(); alarms.another();) {
            System.out.println(alarms.alarm());
        }
    }
}
