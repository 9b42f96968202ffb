package harbour;

public class Lamp {
    enum Phase {
        RED {
            @Override
            Phase next(Lamp lamp) {
                lamp.seconds = 30;
                return GREEN;
            }
        },
        GREEN {
            @Override
            Phase next(Lamp lamp) {
                lamp.seconds = 5;
                return YELLOW;
            }
        },
        YELLOW {
            @Override
            Phase next(Lamp lamp) {
                lamp.seconds = 40;
                return RED;
            }
        };

        abstract Phase next(Lamp lamp);
    }

    private Phase phase = Phase.RED;
    private int seconds = 40;

    public void tick() {
        seconds--;
        if (seconds == 0) {
            phase = phase.next(this);
        }
    }

    public int left() {
        return seconds;
    }
}
