from rules import Both, Named, Not

rule = Both(Named("dry"), Not(Named("windy")))
print(rule.holds({"dry": True, "windy": False}))
