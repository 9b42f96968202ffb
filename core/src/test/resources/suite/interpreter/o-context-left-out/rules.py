from abc import ABC, abstractmethod


class Rule(ABC):
    @abstractmethod
    def holds(self, facts):
        ...


class Named(Rule):
    def __init__(self, name):
        self.name = name

    def holds(self, facts):
        return facts.get(self.name, False)


class Not(Rule):
    def __init__(self, rule):
        self.rule = rule

    def holds(self, facts):
        return not self.rule.holds(facts)


class Both(Rule):
    def __init__(self, left, right):
        self.left, self.right = left, right

    def holds(self, facts):
        return self.left.holds({}) and self.right.holds(facts)
