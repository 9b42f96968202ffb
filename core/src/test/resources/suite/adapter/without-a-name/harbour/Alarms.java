package harbour;

import java.util.ArrayList;
import java.util.List;

interface Alarm {
    void raise(String text);

    void clear();
}

class SirenBox {
    private int level;

    void sound(int strength, int seconds) {
        level = strength * seconds;
    }

    void off() {
        level = 0;
    }
}

class LogAlarm implements Alarm {
    private final List<String> lines = new ArrayList<>();

    @Override
    public void raise(String text) {
        lines.add(text);
    }

    @Override
    public void clear() {
        lines.clear();
    }
}

final class Alarms {
    private Alarms() {
    }

    static Alarm over(SirenBox box) {
        return new Alarm() {
            @Override
            public void raise(String text) {
                box.sound(text.length(), 10);
            }

            @Override
            public void clear() {
                box.off();
            }
        };
    }
}

class Watch {
    private final Alarm alarm;

    Watch(Alarm alarm) {
        this.alarm = alarm;
    }

    void fire() {
        alarm.raise("fire");
        alarm.clear();
    }

    static void drill() {
        new Watch(Alarms.over(new SirenBox())).fire();
        new Watch(new LogAlarm()).fire();
    }
}
