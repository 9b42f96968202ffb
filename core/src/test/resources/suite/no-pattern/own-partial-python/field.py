from seeds import Beans, Peas, Seeds


def spring():
    seeds = Seeds()
    seeds.sow(Beans())
    seeds.sow(Peas())
