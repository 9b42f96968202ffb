def once(cls):
    made = {}

    def access(*args, **kwargs):
        if cls not in made:
            made[cls] = cls(*args, **kwargs)
        return made[cls]

    return access
