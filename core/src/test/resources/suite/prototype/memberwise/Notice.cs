using System;
using System.Collections.Generic;

namespace Aldera;

public class Notice : ICloneable
{
    public string Title { get; set; } = "";
    public List<string> Lines { get; private set; } = new();

    public object Clone()
    {
        var copy = (Notice)MemberwiseClone();
        copy.Lines = new List<string>(Lines);
        return copy;
    }
}

public class NoticeBoard
{
    private readonly Notice _form = new() { Title = "closed" };

    public Notice For(string day)
    {
        var notice = (Notice)_form.Clone();
        notice.Lines.Add(day);
        return notice;
    }
}
