namespace Cruise;

public class Agency
{
    public Voyage Fjords() => new VoyagePlanner().On("Sula").Calling("Bergen").Calling("Molde", 2).Plan();
}
