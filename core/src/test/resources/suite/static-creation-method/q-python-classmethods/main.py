from colours import Colour

print(Colour.hex("#ff8800").mixed(Colour.rgb(0, 0, 0)).red)
