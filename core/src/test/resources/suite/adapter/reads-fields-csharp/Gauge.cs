namespace Aldera.Tides;

public interface ITideGauge
{
    double Metres();
    bool IsRising();
}

public class OldTideTable
{
    public int Centimetres { get; private set; }
    public bool Up { get; private set; }

    public void Note(int row)
    {
        Up = row > Centimetres;
        Centimetres = row;
    }
}

public class TableGauge : ITideGauge
{
    private readonly OldTideTable table;

    public TableGauge(OldTideTable table) => this.table = table;

    public double Metres() => table.Centimetres / 100.0;
    public bool IsRising() => table.Up;
}

public class Warning
{
    public string Text(ITideGauge gauge) => gauge.Metres() > 4 && gauge.IsRising() ? "high water" : "";
}
