let rule: Rule = And(left: TideAbove(metres: 2), right: Not(rule: AnyOf(rules: [Weather(word: "fog"), Weather(word: "storm")])))
print(rule.holds(in: Facts(weather: ["rain"], tide: 2.4)))
