from importing import Importer


def morning():
    return Importer().run("ships.txt")


def evening():
    return Importer().run("cargo.txt")


print(morning() + evening())
