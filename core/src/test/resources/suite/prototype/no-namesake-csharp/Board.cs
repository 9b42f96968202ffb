namespace Aldera.Passages
{
    public class Board
    {
        public int Show(Passage<string> passage) => passage.WithoutCargo().Left();
    }
}
