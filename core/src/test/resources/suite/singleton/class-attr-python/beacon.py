class Beacon:
    _instance = None

    def __new__(cls):
        if cls._instance is None:
            cls._instance = super().__new__(cls)
            cls._instance.lit = False
        return cls._instance

    def switch(self):
        self.lit = not self.lit
