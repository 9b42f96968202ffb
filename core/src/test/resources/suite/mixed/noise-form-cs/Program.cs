using System;
using System.Collections.Generic;
using Aldera.Forms;

var form = new Form();
form.Add(new TextField("ship") { Required = true }.Check(text => text.Length > 30 ? "too long" : null));
form.Add(new ChoiceField("flag", "AL", "PT"));
Console.WriteLine(form.Bind(new Dictionary<string, string> { ["ship"] = "Rosa" }) ? "fine" : string.Join("\n", form.Errors()));
Console.WriteLine(form.Html());
