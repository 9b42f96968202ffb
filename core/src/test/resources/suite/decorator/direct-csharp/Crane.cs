namespace Aldera;
public interface ICrane
{
    int Lift(int kilos);
}
public class QuayCrane : ICrane
{
    public int Lift(int kilos) => kilos;
}
public class MeasuredCrane : ICrane
{
    private readonly ICrane crane;
    private int total;
    public MeasuredCrane(ICrane crane) { this.crane = crane; }
    public int Lift(int kilos)
    {
        total += kilos;
        return crane.Lift(kilos);
    }
}
public class Yard
{
    public int Work() => new MeasuredCrane(new QuayCrane()).Lift(5);
}
