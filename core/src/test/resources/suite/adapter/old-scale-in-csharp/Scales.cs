namespace Aldera.Weighing;

public interface IScale
{
    double Kilograms();
}

public sealed class DigitalScale : IScale
{
    private double reading;
    public void Load(double kg) => reading = kg;
    public double Kilograms() => reading;
}

public sealed class PoundBeam
{
    public int Pounds { get; set; }
    public int ReadBeam() => Pounds;
}

public sealed class BeamScale(PoundBeam beam) : IScale
{
    public double Kilograms() => beam.ReadBeam() * 0.45359237;
}

public sealed class Weighbridge(IEnumerable<IScale> scales)
{
    public double Total() => scales.Sum(s => s.Kilograms());
}
