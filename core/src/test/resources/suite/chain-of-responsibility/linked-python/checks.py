class Check:
    def __init__(self, following=None):
        self._following = following

    def run(self, parcel):
        reason = self.refuse(parcel)
        if reason:
            return reason
        if self._following is None:
            return "accepted"
        return self._following.run(parcel)

    def refuse(self, parcel):
        raise NotImplementedError


class WeightCheck(Check):
    def refuse(self, parcel):
        return "too heavy" if parcel["kilos"] > 30 else None


class AddressCheck(Check):
    def refuse(self, parcel):
        return "no address" if not parcel.get("to") else None
