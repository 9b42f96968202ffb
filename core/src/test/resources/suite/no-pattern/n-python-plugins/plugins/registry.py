"""Plugins register themselves when their module is imported."""
from __future__ import annotations

import importlib
import pkgutil
from typing import ClassVar


class Plugin:
    registry: ClassVar[dict[str, type[Plugin]]] = {}
    name: ClassVar[str] = ""

    def __init_subclass__(cls, **kwargs):
        super().__init_subclass__(**kwargs)
        if cls.name:
            Plugin.registry[cls.name] = cls

    def run(self, ship: dict) -> dict:
        raise NotImplementedError


def load(package) -> None:
    for module in pkgutil.iter_modules(package.__path__):
        importlib.import_module(f"{package.__name__}.{module.name}")


def create(name: str) -> Plugin:
    try:
        return Plugin.registry[name]()
    except KeyError:
        raise LookupError(f"no plugin {name}") from None
