namespace Ui;

public interface IButton { string Render(string label); }
public interface ISlider { string Render(int value); }

public interface ITheme
{
    IButton Button();
    ISlider Slider();
}

public sealed record FlatButton : IButton { public string Render(string label) => $"[{label}]"; }
public sealed record FlatSlider : ISlider { public string Render(int value) => new string('-', value); }
public sealed record RoundButton(int Radius) : IButton { public string Render(string label) => $"({label}:{Radius})"; }
public sealed record RoundSlider : ISlider { public string Render(int value) => new string('o', value); }

public sealed class FlatTheme : ITheme
{
    public IButton Button() => new FlatButton();
    public ISlider Slider() => new FlatSlider();
}

public sealed class RoundTheme(int radius) : ITheme
{
    public IButton Button() => new RoundButton(radius);
    public ISlider Slider() => throw new NotSupportedException("no round sliders yet");
}
