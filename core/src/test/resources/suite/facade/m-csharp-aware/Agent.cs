namespace Aldera.Agents;

using Aldera.Pilotage;

public class Agent
{
    private readonly PilotageService pilots = new PilotageService();
    public void Arrive(string ship) => pilots.Order(ship);
}
