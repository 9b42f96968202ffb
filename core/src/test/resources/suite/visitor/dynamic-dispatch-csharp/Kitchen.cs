namespace Bistro;

public class Kitchen
{
    private readonly List<Course> courses = [new Starter(), new Main()];

    public int Evening()
    {
        var timing = new Timing();
        courses.ForEach(course => course.Accept(timing));
        return timing.Total;
    }
}
