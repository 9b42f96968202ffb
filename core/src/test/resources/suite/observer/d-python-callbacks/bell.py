class Bell:
    """Rings the watches; whoever wants may listen."""

    def __init__(self):
        self._hooks = []
        self._half_hours = 0

    def on_ring(self, hook):
        self._hooks.append(hook)
        return hook

    def forget(self, hook):
        self._hooks.remove(hook)

    def strike(self):
        self._half_hours = self._half_hours % 8 + 1
        for hook in self._hooks:
            if self._half_hours == 3:
                break
            hook(self._half_hours)
