from dataclasses import dataclass, field, replace


@dataclass(frozen=True)
class Draft:
    name: str
    berth: str | None


@dataclass
class Form:
    name: str = ""
    berth: str | None = None

    def draft(self) -> Draft:
        return Draft(self.name, self.berth)

    def restore(self, draft: Draft) -> None:
        self.name, self.berth = draft.name, draft.berth


@dataclass
class Drawer:
    drafts: list[Draft] = field(default_factory=list)

    def put(self, form: Form) -> None:
        self.drafts.append(form.draft())

    def back(self, form: Form) -> None:
        form.restore(self.drafts.pop())
