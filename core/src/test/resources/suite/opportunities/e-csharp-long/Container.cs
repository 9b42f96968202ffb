namespace Aldera.Yard
{
    public class Container
    {
        public Container(string number, string owner, int tons, bool cooled, string? contents, int row, int tier)
        {
            Number = number; Owner = owner; Tons = tons; Cooled = cooled; Contents = contents; Row = row; Tier = tier;
        }
        public string Number { get; }
        public string Owner { get; }
        public int Tons { get; private set; }
        public bool Cooled { get; }
        public string? Contents { get; set; }
        public int Row { get; private set; }
        public int Tier { get; private set; }
        public void Move(int row, int tier) { Row = row; Tier = tier; }
    }

    public class Gate
    {
        public Container In(string number) => new Container(number, "unknown", 20, false, null, 0, 0);
    }

    public class Train
    {
        public Container Unload(string number, string owner) => new(number, owner, 24, true, "fish", 3, 1);
    }
}
