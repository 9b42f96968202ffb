from beacon import Beacon


def dusk():
    Beacon().light()


def dawn():
    return Beacon().lit
