namespace Aldera;
public sealed class Customs
{
    private static Customs? instance;
    private static readonly object gate = new object();
    private int declared;
    private Customs() { }
    public static Customs Instance
    {
        get
        {
            lock (gate)
            {
                if (instance == null)
                {
                    instance = new Customs();
                }
                return instance;
            }
        }
    }
    public void Declare() { declared++; }
}
public class Importer
{
    public void Land() { Customs.Instance.Declare(); }
}
