using System.Collections.Generic;

namespace Watch;

public class Log
{
    private static Log? _instance;
    private readonly List<string> _lines = new();

    public Log()
    {
    }

    public static Log Instance
    {
        get
        {
            if (_instance == null)
            {
                _instance = new Log();
            }
            return _instance;
        }
    }

    public void Write(string line) => _lines.Add(line);
}
