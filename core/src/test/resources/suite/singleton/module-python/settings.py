class _Settings:
    def __init__(self):
        self.values = {}

    def put(self, key, value):
        self.values[key] = value

    def get(self, key, default=None):
        return self.values.get(key, default)


settings = _Settings()
