namespace Aldera.Tides;

public interface ITideGauge
{
    double Metres { get; }
    bool Rising { get; }
}

public class OldTideTable
{
    private int before;

    public int Centimetres { get; private set; }
    public string Trend => Centimetres > before ? "up" : "down";

    public void Note(int row)
    {
        before = Centimetres;
        Centimetres = row;
    }
}

public class TableGauge : ITideGauge
{
    private readonly OldTideTable table;

    public TableGauge(OldTideTable table) => this.table = table;

    public double Metres => table.Centimetres / 100.0;
    public bool Rising => table.Trend == "up";
}

public class Warning
{
    public string Text(ITideGauge gauge) => gauge.Metres > 4 && gauge.Rising ? "high water" : "";
}
