namespace Market;

public interface IScale
{
    double Weigh(double load);
}

public class BeamScale : IScale
{
    public double Weigh(double load) => Math.Round(load, 1);
}

public class RoundedScale : IScale
{
    private readonly BeamScale scale;

    public RoundedScale(BeamScale scale) => this.scale = scale;

    public double Weigh(double load)
    {
        var raw = scale.Weigh(load);
        return Math.Floor(raw * 2) / 2;
    }
}

public class LoggedScale : IScale
{
    private readonly IScale scale;
    private readonly List<double> log = new();

    public LoggedScale(IScale scale) => this.scale = scale;

    public double Weigh(double load)
    {
        var result = scale.Weigh(load);
        log.Add(result);
        return result;
    }
}

public class Stall
{
    private readonly IScale scale = new LoggedScale(new RoundedScale(new BeamScale()));

    public double Price(double load, double perKilo) => scale.Weigh(load) * perKilo;
}
