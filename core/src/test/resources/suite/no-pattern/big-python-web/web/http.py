from dataclasses import dataclass, field


@dataclass(frozen=True)
class Request:
    path: str
    user: str | None = None
    query: dict[str, str] = field(default_factory=dict)


@dataclass
class Response:
    status: int
    body: str
    headers: dict[str, str] = field(default_factory=dict)
