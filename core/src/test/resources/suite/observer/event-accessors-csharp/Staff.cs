namespace Tearoom;

public class Waiter
{
    private bool hurried;

    public void Serve(Kettle kettle)
    {
        kettle.Boiled += OnBoiled;
    }

    public void GoHome(Kettle kettle)
    {
        kettle.Boiled -= OnBoiled;
    }

    private void OnBoiled(Kettle kettle, int degrees)
    {
        hurried = degrees > 95;
    }
}
