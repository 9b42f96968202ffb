using Microsoft.Extensions.DependencyInjection;

namespace Guesthouse;

public static class Host
{
    public static void Register(IServiceCollection services, bool mountains)
    {
        services.AddSingleton<IRoomStyle>(_ => mountains ? new AlpineStyle() : new HarbourStyle());
        services.AddScoped<Decorator>();
    }
}

public class Decorator(IServiceProvider services)
{
    public int Furnish()
    {
        var style = services.GetRequiredService<IRoomStyle>();
        style.Lamp().Switch();
        return style.Bed().Width;
    }
}
