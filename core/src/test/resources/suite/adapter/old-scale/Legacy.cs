namespace Aldera.FishMarket.Legacy
{
    public class ArrobaBalance
    {
        private int counterweights;
        public int ReadArrobas(string mark) { counterweights++; return mark.Length; }
        public void RemoveCounterweights() { counterweights = 0; }
    }
}
