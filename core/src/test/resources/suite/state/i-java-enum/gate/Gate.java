package gate;

public class Gate {
    private Position position = Position.DOWN;
    private int passed;

    public void coin() {
        position = position.coin(this);
    }

    public void push() {
        position = position.push(this);
    }

    void count() {
        passed++;
    }

    enum Position {
        DOWN {
            @Override
            Position coin(Gate gate) {
                return UP;
            }
        },
        UP {
            @Override
            Position push(Gate gate) {
                gate.count();
                return DOWN;
            }
        };

        Position coin(Gate gate) {
            return this;
        }

        Position push(Gate gate) {
            return this;
        }
    }
}
