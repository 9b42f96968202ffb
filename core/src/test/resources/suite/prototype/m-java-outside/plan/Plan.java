package plan;

import java.util.ArrayList;
import java.util.List;

public class Plan implements Cloneable {
    private String name;
    private List<String> stops = new ArrayList<>();
    private int speed;

    public Plan(String name) {
        this.name = name;
    }

    public String getName() {
        return name;
    }

    public void setName(String name) {
        this.name = name;
    }

    public List<String> getStops() {
        return stops;
    }

    public int getSpeed() {
        return speed;
    }

    public void setSpeed(int speed) {
        this.speed = speed;
    }

    @Override
    public Plan clone() {
        try {
            return (Plan) super.clone();
        } catch (CloneNotSupportedException e) {
            throw new AssertionError(e);
        }
    }
}
