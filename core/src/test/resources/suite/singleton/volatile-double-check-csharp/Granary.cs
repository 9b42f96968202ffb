namespace Mill;

public class Granary
{
    private static volatile Granary? instance;
    private static readonly object Gate = new();
    private int sacks;

    private Granary() { }

    public static Granary GetInstance()
    {
        if (instance == null)
        {
            lock (Gate)
            {
                instance ??= new Granary();
            }
        }
        return instance;
    }

    public void Store(int more) { sacks += more; }
}
