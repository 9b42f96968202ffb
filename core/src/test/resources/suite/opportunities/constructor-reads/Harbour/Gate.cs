namespace Harbour
{
    public class Gate
    {
        public bool MayPass(string hour)
        {
            var table = new TideTable("tides.csv");
            return new Draught(2.0, 80).Passes(table, hour);
        }
    }
}
