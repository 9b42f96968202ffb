package aldera.permits;

/** What an agent asks for. The list of what may be asked for has grown each year. */
public class VisitRequest {
    private final String ship;
    private final String agent;
    private final String channel;
    private final int berth;
    private final boolean pilot;
    private boolean paid;

    public VisitRequest(String ship, String agent, String channel, int berth, boolean pilot, boolean paid) {
        this.ship = ship;
        this.agent = agent;
        this.channel = channel;
        this.berth = berth;
        this.pilot = pilot;
        this.paid = paid;
    }

    public void pay() {
        paid = true;
    }

    public String ship() {
        return ship;
    }

    public String agent() {
        return agent + " by " + channel;
    }

    public int berth() {
        return berth;
    }

    public boolean ready() {
        return paid && (pilot || berth > 0);
    }
}
