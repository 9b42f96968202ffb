from registry import Registry


def book(name):
    Registry.get().enter(name, 9)
    return Registry.get().count()


print(book("Aurora"))
