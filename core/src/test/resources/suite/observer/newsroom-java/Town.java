package press;

public class Town {
    public void morning(Newsroom newsroom) {
        newsroom.subscribe(new Kiosk());
        newsroom.subscribe(new Archive());
        newsroom.publish("Bridge open again");
    }
}
