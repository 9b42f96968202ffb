namespace Harbour
{
    public class Board
    {
        public string Line(IGauge gauge) { return gauge.Station() + ": " + gauge.Metres(); }

        public static void Main()
        {
            var board = new Board();
            System.Console.WriteLine(board.Line(new ProbeGauge(new PressureProbe())));
            System.Console.WriteLine(board.Line(new FloatGauge()));
        }
    }
}
