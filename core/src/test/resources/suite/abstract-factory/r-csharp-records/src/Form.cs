namespace Ui;

public sealed class Form
{
    private readonly ITheme _theme;

    public Form(ITheme theme) => _theme = theme ?? throw new ArgumentNullException(nameof(theme));

    public string Draw() => _theme.Button().Render("OK") + _theme.Slider().Render(3);
}
