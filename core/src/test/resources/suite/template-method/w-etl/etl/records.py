from dataclasses import dataclass, field


@dataclass
class Record:
    key: str
    values: dict[str, str] = field(default_factory=dict)

    def number(self, name: str) -> float:
        return float(self.values.get(name, "0"))
