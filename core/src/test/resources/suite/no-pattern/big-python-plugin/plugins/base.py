from abc import ABC, abstractmethod


class Plugin(ABC):
    registry = {}

    def __init_subclass__(cls, name=None, **kwargs):
        super().__init_subclass__(**kwargs)
        if name:
            Plugin.registry[name] = cls

    @abstractmethod
    def start(self, host):
        ...

    def stop(self):
        pass


def load(name) -> Plugin:
    if name not in Plugin.registry:
        raise LookupError(name)
    return Plugin.registry[name]()
