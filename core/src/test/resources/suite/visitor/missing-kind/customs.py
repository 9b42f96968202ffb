from cargo import Container, Reefer, Vessel
from visits import Manifest, WeighIn

def clear():
    vessel = Vessel([Container(20), Reefer(18, -4)])
    scales = WeighIn()
    vessel.accept(scales)
    manifest = Manifest()
    vessel.accept(manifest)
    return scales.total, manifest.lines
