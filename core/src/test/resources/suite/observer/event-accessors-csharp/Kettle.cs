namespace Tearoom;

public delegate void BoiledHandler(Kettle sender, int degrees);

public class Kettle
{
    private BoiledHandler? boiled;
    private int degrees;

    public event BoiledHandler Boiled
    {
        add { boiled += value; }
        remove { boiled -= value; }
    }

    public void Heat(int by)
    {
        degrees += by;
        boiled?.Invoke(this, degrees);
    }
}
