package harbour;

import java.util.ArrayList;
import java.util.List;

interface Alarm {
    void raise(String text);
}

class SirenBox {
    private int seconds;

    void sound(int level, int duration) {
        seconds += level * duration;
    }
}

class LogAlarm implements Alarm {
    private final List<String> lines = new ArrayList<>();

    @Override
    public void raise(String text) {
        lines.add(text);
    }
}

class Watch {
    private final Alarm alarm;

    Watch(Alarm alarm) {
        this.alarm = alarm;
    }

    void fire() {
        alarm.raise("fire");
    }

    static Watch withSiren(SirenBox box) {
        return new Watch(text -> box.sound(text.length(), 10));
    }

    static void drill() {
        withSiren(new SirenBox()).fire();
        new Watch(new LogAlarm()).fire();
    }
}
