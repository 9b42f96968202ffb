def holds(rule, tide):
    sign, *parts = rule
    if sign == "and":
        return all(holds(part, tide) for part in parts)
    if sign == "not":
        return not holds(parts[0], tide)
    if sign == "above":
        return tide["metres"] > parts[0]
    raise ValueError(sign)
