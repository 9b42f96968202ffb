class PortConfig:
    _instance = None

    def __new__(cls):
        if cls._instance is None:
            cls._instance = super().__new__(cls)
            cls._instance.values = {}
        return cls._instance

    def set(self, key, value):
        self.values[key] = value

    def get(self, key):
        return self.values.get(key)
