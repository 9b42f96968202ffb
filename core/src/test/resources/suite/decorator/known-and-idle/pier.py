from signal import Amplified, Horn, Translated


def fog():
    return Translated(Amplified(Horn())).send("fog")
